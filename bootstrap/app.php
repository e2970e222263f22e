<?php

declare(strict_types=1);

use App\Accounts\SessionsDatabase;
use App\Audit\AuditLog;
use App\Audit\LogTopic;
use App\Changes\WriteStanding;
use App\Http\Controllers\HealthController;
use App\Http\Middleware\ContentSecurity;
use App\Http\Middleware\KeepSession;
use App\Http\Middleware\OnPracticeGround;
use App\Http\Middleware\PlainInput;
use App\Http\Middleware\PracticeAddress;
use App\Http\Middleware\RightDatabase;
use App\Jobs\JobCannotBeShown;
use App\Models\Job;
use App\Page\EntriesOfJob;
use App\Practice\Ground;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Contracts\Auth\Middleware\AuthenticatesRequests;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Route;
use Illuminate\View\ViewException;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        api: __DIR__.'/../routes/api.php',
        commands: __DIR__.'/../routes/console.php',
        // Without session and account: it answers when those cannot.
        then: static fn () => Route::get('/up', HealthController::class)->name('up'),
    )
    ->withMiddleware(function (Middleware $middleware): void {
        // No other origin may call this application; see compat/README.md.
        $middleware->remove(HandleCors::class);
        // A request that names another host is not for this workshop; links are made of the name it was asked by.
        $middleware->trustHosts(at: static fn (): array => array_map(
            static fn (string $host): string => '^'.preg_quote($host).'$',
            [(string) parse_url((string) config('app.url'), PHP_URL_HOST), 'localhost', '127.0.0.1', ...config('spindle.hosts')],
        ), subdomains: false);
        $middleware->prepend(PlainInput::class);
        $middleware->prepend(ContentSecurity::class);
        $middleware->prepend(PracticeAddress::class);
        $middleware->web(prepend: [RightDatabase::class], append: [OnPracticeGround::class],
            replace: [StartSession::class => KeepSession::class]);
        // Before anybody is looked up, and before the job that an address names.
        $middleware->prependToPriorityList(AuthenticatesRequests::class, OnPracticeGround::class);
        $middleware->redirectGuestsTo(fn (): string => Ground::shop('sign-in'));
        $middleware->encryptCookies(except: ['theme']);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        // A page that tells of trouble loads no more than another.
        $exceptions->respond(static fn (Response $response): Response => ContentSecurity::guard($response, request()));
        // What is of the moment is not worth a shop that stands still: its file is made anew where it cannot be read.
        $exceptions->report(static function (QueryException $e): void {
            SessionsDatabase::noticeDamage($e);
        });
        // A page of a job that fails while it is drawn is that job's fault alone: it shows its entries instead.
        $exceptions->map(ViewException::class, static function (ViewException $e): Throwable {
            $job = request()->route('job');

            return match (true) {
                $e->getPrevious() instanceof JobCannotBeShown => $e->getPrevious(),
                $job instanceof Job => JobCannotBeShown::because($job, $e->getPrevious() ?? $e),
                default => $e,
            };
        });
        // For the lists as well; when even that cannot be written, this page is not to fail over it.
        $exceptions->render(static function (JobCannotBeShown $e, Request $request): Response {
            rescue(static fn () => WriteStanding::broken($e->job->id, $e->getMessage()));

            // A piece of a page gets nothing; a page gets the entries in its place.
            return $request->header('HX-Request') === 'true' ? response('', 409)
                : response()->view('entries', EntriesOfJob::page($e->job, $e->getMessage()), 409);
        });
        // Whoever tries what they may not is written down; the refusal itself is answered as ever.
        $exceptions->render(static function (AccessDeniedHttpException $e, Request $request): void {
            rescue(static fn () => AuditLog::note(LogTopic::Access, "Refused: {$request->method()} /{$request->path()}."));
        });
        // An instrument reads JSON, whatever it says it does.
        $exceptions->shouldRenderJsonWhen(static fn (Request $request): bool => $request->is('api/*') || $request->expectsJson());
        // A field that sends itself must not receive the sign-in page as its answer.
        $exceptions->render(fn (AuthenticationException $e, Request $request): ?Response => $request->header('HX-Request') === 'true'
            ? response('', 401) : null);
    })
    ->create();
