<?php

declare(strict_types=1);

namespace Tests\Support\Drill;

use CurlHandle;
use Database\Seeders\DemoSeeder;
use RuntimeException;

/** Somebody signed in at a server of this machine that shows the demonstration; asks one page after the other. */
final class Visitor
{
    private readonly CurlHandle $curl;

    private readonly string $cookies;

    /** With every form that is sent. */
    public readonly string $token;

    /** @throws RuntimeException when the server is another machine's, or nobody can sign in */
    private function __construct(private readonly string $url, string $login)
    {
        if (preg_match('~^http://127\.0\.0\.1:\d+$~', $url) !== 1) {
            throw new RuntimeException('Only servers on this machine are asked: http://127.0.0.1:PORT');
        }
        $this->curl = curl_init();
        $this->cookies = (string) tempnam(sys_get_temp_dir(), 'visitor');
        curl_setopt_array($this->curl, [
            CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => $this->cookies, CURLOPT_COOKIEJAR => $this->cookies,
            CURLOPT_TIMEOUT => 120,
        ]);
        // A server that was just started takes a moment.
        for ($try = 0; ($page = $this->ask('/sign-in'))['status'] !== 200 && $try < 50; $try++) {
            usleep(100_000);
        }
        preg_match('/name="_token" value="([^"]+)"/', $page['body'], $m);
        $this->ask('/sign-in', ['_token' => $m[1] ?? '', 'login' => $login, 'password' => DemoSeeder::PASSWORD]);
        preg_match('/"X-CSRF-TOKEN":"([^"]+)"/', $this->ask('/')['body'], $m);
        $this->token = $m[1] ?? throw new RuntimeException("Nobody could sign in at {$url}: status {$page['status']}");
    }

    public static function signedIn(string $url, string $login = 'ines'): self
    {
        return new self($url, $login);
    }

    public function __destruct()
    {
        unlink($this->cookies);
    }

    /**
     * @param  array<string, mixed>|null  $form  what is sent; a page is asked for where there is none
     * @param  list<string>  $headers
     * @return array{status: int, body: string, ms: float, waited: float, to: string} until the answer was there, until it began, and where
     *     it leads
     */
    public function ask(string $path, ?array $form = null, array $headers = []): array
    {
        curl_setopt_array($this->curl, [
            CURLOPT_URL => $this->url.$path, CURLOPT_HTTPHEADER => $headers, CURLOPT_HTTPGET => true,
        ] + ($form === null ? [] : [CURLOPT_POST => true, CURLOPT_POSTFIELDS => http_build_query($form)]));

        return $this->answer();
    }

    /**
     * @param  array<string, mixed>  $form  with files among its values
     * @return array{status: int, body: string, ms: float, waited: float, to: string}
     */
    public function upload(string $path, array $form): array
    {
        curl_setopt_array($this->curl, [CURLOPT_URL => $this->url.$path, CURLOPT_HTTPHEADER => [], CURLOPT_POST => true,
            CURLOPT_POSTFIELDS => $form]);

        return $this->answer();
    }

    /** @return list<string> as a page of the application sends an entry by itself */
    public function byPage(): array
    {
        return ['HX-Request: true', "X-CSRF-TOKEN: {$this->token}"];
    }

    /** @return array{status: int, body: string, ms: float, waited: float, to: string} */
    private function answer(): array
    {
        $start = hrtime(true);
        $body = (string) curl_exec($this->curl);
        $ms = (hrtime(true) - $start) / 1e6;
        $of = fn (int $what): mixed => curl_getinfo($this->curl, $what);

        return [
            'status' => (int) $of(CURLINFO_RESPONSE_CODE), 'body' => $body, 'ms' => $ms,
            'waited' => 1000 * ((float) $of(CURLINFO_STARTTRANSFER_TIME) - (float) $of(CURLINFO_PRETRANSFER_TIME)),
            'to' => (string) parse_url((string) $of(CURLINFO_REDIRECT_URL), PHP_URL_PATH),
        ];
    }
}
