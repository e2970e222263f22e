<?php

declare(strict_types=1);

namespace Tests\Support\Drill;

use PDO;
use RuntimeException;

/**
 * A server of its own on 127.0.0.1, with a database and folders of its own, that is started, asked and ended. It asks no other and ends
 * only what it started.
 */
final class Server
{
    public readonly string $work;

    public readonly string $url;

    private readonly int $port;

    /** @var array<string, string> */
    private array $env;

    /** @var array<int, resource> by group */
    private array $processes = [];

    public function __construct(private readonly string $root, int $workers)
    {
        $this->work = sys_get_temp_dir().'/kill-drill-'.bin2hex(random_bytes(4));
        mkdir("{$this->work}/photos", 0700, true);
        mkdir("{$this->work}/opcache", 0700);
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('no port to be had');
        $this->port = (int) explode(':', (string) stream_socket_get_name($socket, false))[1];
        fclose($socket);
        $this->url = "http://127.0.0.1:{$this->port}";
        $this->env = [
            'APP_ENV' => 'drill', 'APP_DEBUG' => 'false', 'APP_KEY' => 'base64:'.base64_encode(random_bytes(32)), 'APP_URL' => $this->url,
            'DB_CONNECTION' => 'sqlite', 'DB_DATABASE' => "{$this->work}/drill.sqlite", 'SESSION_DRIVER' => 'database',
            'CACHE_STORE' => 'file', 'QUEUE_CONNECTION' => 'sync', 'ARGON_MEMORY' => '64', 'ARGON_TIME' => '1', 'SPINDLE_DEMO' => 'true',
            'SPINDLE_REGISTER' => 'none', 'SPINDLE_COUNTER' => 'simulated', 'LOG_CHANNEL' => 'single',
            'APP_CONFIG_CACHE' => "{$this->work}/config.php", 'APP_ROUTES_CACHE' => "{$this->work}/routes.php",
            'APP_EVENTS_CACHE' => "{$this->work}/events.php", 'LOCAL_DISK' => "{$this->work}/photos",
            'PHP_CLI_SERVER_WORKERS' => (string) $workers,
        ] + array_diff_key(getenv(), ['CACHE_LIMITER' => 1, 'SESSION_CONNECTION' => 1]);
        touch($this->env['DB_DATABASE']);
        $this->run([PHP_BINARY, 'artisan', 'migrate', '--force', '--seed', '--quiet']);
    }

    /** @param  list<string>  $command */
    private function run(array $command): void
    {
        $process = proc_open($command, [1 => ['pipe', 'w'], 2 => ['pipe', 'w']], $pipes, $this->root, $this->env);
        $said = stream_get_contents($pipes[1]).stream_get_contents($pipes[2]);
        if (! is_resource($process) || proc_close($process) !== 0) {
            throw new RuntimeException($said);
        }
    }

    /** As the head of a group of its own, so that it and its workers can be ended together. */
    public function start(): int
    {
        $process = proc_open(
            ['setsid', PHP_BINARY, '-d', 'opcache.enable_cli=1', '-d', "opcache.file_cache={$this->work}/opcache", '-S',
                "127.0.0.1:{$this->port}", '-t', "{$this->root}/public",
                "{$this->root}/vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php"],
            [0 => ['file', '/dev/null', 'r'], 1 => ['file', '/dev/null', 'w'], 2 => ['file', '/dev/null', 'w']], $pipes,
            "{$this->root}/public", $this->env,
        );
        if (! is_resource($process)) {
            throw new RuntimeException('the server cannot be started');
        }
        $group = proc_get_status($process)['pid'];
        $this->processes[$group] = $process;
        // A machine that does much else at once takes its time.
        for ($i = 0; $i < 1500; $i++) {
            if ($this->answers()) {
                return $group;
            }
            usleep(20_000);
        }
        throw new RuntimeException("the server did not start at {$this->url}");
    }

    public function kill(int $group): void
    {
        posix_kill(-$group, SIGKILL);
        $process = $this->processes[$group] ?? null;
        unset($this->processes[$group]);
        if (is_resource($process)) {
            proc_close($process);
        }
        // A worker that is not gone yet still holds the port, and the next server would find it taken.
        for ($i = 0; $i < 1500 && $this->answers(); $i++) {
            usleep(20_000);
        }
    }

    private function answers(): bool
    {
        $socket = @fsockopen('127.0.0.1', $this->port, $no, $text, 0.2);

        return is_resource($socket) && fclose($socket);
    }

    /**
     * @param  array<string, mixed>|string|null  $form
     * @param  list<string>  $headers
     * @return array{int, string, string} status, headers, body; status 0 when the server is gone
     */
    public function ask(string $jar, string $path, array|string|null $form = null, array $headers = []): array
    {
        $curl = $this->prepared($jar, $path, $form, $headers);
        $answer = curl_exec($curl);
        $status = $answer === false ? 0 : (int) curl_getinfo($curl, CURLINFO_RESPONSE_CODE);
        $length = (int) curl_getinfo($curl, CURLINFO_HEADER_SIZE);

        return [$status, substr((string) $answer, 0, $length), substr((string) $answer, $length)];
    }

    /**
     * The same asked so many times at the same moment.
     *
     * @param  array<string, mixed>|string  $form
     * @param  list<string>  $jars
     * @return list<array{int, string}> status and body of each
     */
    public function atOnce(array $jars, string $path, array|string $form): array
    {
        $all = curl_multi_init();
        $each = array_map(fn (string $jar) => $this->prepared($jar, $path, $form, []), $jars);
        array_map(static fn ($curl): int => curl_multi_add_handle($all, $curl), $each);
        do {
            curl_multi_exec($all, $running);
            curl_multi_select($all, 0.1);
        } while ($running > 0);

        return array_map(static fn ($curl): array => [
            (int) curl_getinfo($curl, CURLINFO_RESPONSE_CODE), (string) curl_multi_getcontent($curl),
        ], $each);
    }

    /**
     * @param  array<string, mixed>|string|null  $form
     * @param  list<string>  $headers
     */
    private function prepared(string $jar, string $path, array|string|null $form, array $headers): \CurlHandle
    {
        $curl = curl_init($this->url.$path) ?: throw new RuntimeException('no request to be had');
        curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_HEADER => true, CURLOPT_COOKIEFILE => "{$this->work}/jar-{$jar}",
            CURLOPT_COOKIEJAR => "{$this->work}/jar-{$jar}", CURLOPT_TIMEOUT => 60, CURLOPT_HTTPHEADER => $headers]
            + ($form === null ? [] : [CURLOPT_POST => true, CURLOPT_POSTFIELDS => $form]));

        return $curl;
    }

    /** Signs somebody in and gives the token that goes with what they send. */
    public function signIn(string $jar, string $login, string $password): string
    {
        preg_match('/name="_token" value="([^"]+)"/', $this->ask($jar, '/sign-in')[2], $m);
        $this->ask($jar, '/sign-in', ['_token' => $m[1] ?? '', 'login' => $login, 'password' => $password]);
        preg_match('/"X-CSRF-TOKEN":"([^"]+)"/', $this->ask($jar, '/')[2], $m);

        return $m[1] ?? throw new RuntimeException("no sign-in for {$login}");
    }

    public function database(): PDO
    {
        return new PDO("sqlite:{$this->env['DB_DATABASE']}", options: [
            PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION, PDO::ATTR_TIMEOUT => 20,
        ]);
    }

    /** Ends what still runs, and takes everything away. */
    public function remove(): void
    {
        array_map($this->kill(...), array_keys($this->processes));
        exec('rm -rf '.escapeshellarg($this->work));
    }
}
