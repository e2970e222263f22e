<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Store\PlainText;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Spindle\Assessment\Subjects;
use Symfony\Component\HttpFoundation\Response;

/**
 * What comes in is text that can be shown again, in the shape its name has; whatever else comes is refused with the name of its field,
 * before anybody looks at it. So no page has to fear what an earlier one was sent.
 */
final class PlainInput
{
    /** Fields that are lists, and how deep: entries by field, place and ticked word; everything else is one text. */
    private const LISTS = ['f' => 3, 'b' => 2, 'i' => 1, 'm' => 2, 't' => 2, 'kit' => 1, 'columns' => 2, 'strength' => 1];

    public function handle(Request $request, Closure $next): Response
    {
        $wrong = self::ofAddress($request) ?? self::ofJson($request) ?? self::ofFields($request->request->all())
            ?? self::ofFiles($request->files->all());
        if ($wrong === null) {
            return $next($request);
        }

        // An instrument, and an entry that sent itself, read a sentence; somebody who sent a form reads a page.
        return match (true) {
            $request->is('api/*') => response()->json(['message' => $wrong], 422),
            $request->headers->get('HX-Request') === 'true' => response($wrong, 422, ['Content-Type' => 'text/plain; charset=utf-8']),
            default => abort(422, $wrong),
        };
    }

    private static function ofAddress(Request $request): ?string
    {
        $said = 'The address asks for something in a shape that is not known here.';
        foreach ($request->query->all() as $name => $value) {
            // A field of a form that was left empty comes as nothing.
            if (! PlainText::is((string) $name) || ($value !== null && (! is_string($value) || ! PlainText::is($value)))) {
                return $said;
            }
        }

        return PlainText::is(rawurldecode($request->getPathInfo())) ? null : $said;
    }

    private static function ofJson(Request $request): ?string
    {
        if (! $request->isJson() || $request->getContent() === '') {
            return null;
        }
        $sent = json_decode($request->getContent(), true, 8);

        return match (true) {
            ! mb_check_encoding($request->getContent(), 'UTF-8') => 'The body: it is not UTF-8.',
            ! is_array($sent) => 'The body: JSON is expected, an object with its fields.',
            default => self::ofFields($sent),
        };
    }

    /** @param  array<array-key, mixed>  $fields */
    private static function ofFields(array $fields): ?string
    {
        foreach ($fields as $name => $value) {
            if (! PlainText::is((string) $name)) {
                return 'A field: its name holds characters that cannot be shown.';
            }
            $wrong = self::of($value, self::LISTS[$name] ?? 0, (string) $name);
            if ($wrong !== null) {
                return $wrong;
            }
        }

        return null;
    }

    /** @param  string  $path  where it stands, with dots */
    private static function of(mixed $value, int $depth, string $path): ?string
    {
        if (is_string($value)) {
            return PlainText::is($value) ? null : self::name($path).': it holds characters that cannot be shown or printed. Type it anew.';
        }
        if (! is_array($value)) {
            return null;
        }
        if ($depth === 0) {
            return self::name($path).': one text is expected, not a list.';
        }
        foreach ($value as $key => $one) {
            $wrong = PlainText::is((string) $key) ? self::of($one, $depth - 1, "{$path}.{$key}")
                : self::name($path).': its name holds characters that cannot be shown.';
            if ($wrong !== null) {
                return $wrong;
            }
        }

        return null;
    }

    /** @param  array<array-key, mixed>  $files */
    private static function ofFiles(array $files): ?string
    {
        foreach ($files as $name => $file) {
            if (! PlainText::is((string) $name) || is_array($file)) {
                return self::name((string) $name).': one file is expected.';
            }
            if ($file instanceof UploadedFile && ! PlainText::is($file->getClientOriginalName())) {
                return self::name((string) $name).': the name of the file holds characters that cannot be shown. Rename it.';
            }
        }

        return null;
    }

    /** What a person calls the field; its name in the form where it is none of a job's. */
    private static function name(string $path): string
    {
        $path = PlainText::mended($path);
        if (preg_match('/^[fbi]\.(.+?)(\.\d+)*$/', $path, $m) === 1) {
            return Subjects::dictionary()->entry($m[1])->label ?? $m[1];
        }

        return ucfirst(str_replace(['_', '.'], ' ', $path));
    }
}
