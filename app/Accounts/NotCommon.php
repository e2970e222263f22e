<?php

declare(strict_types=1);

namespace App\Accounts;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** Refuses a password that would be among the first tried: a common one, one thing over and over, the owner's own name. */
final readonly class NotCommon implements ValidationRule
{
    /** @param  list<string>  $ofOwner  the account's name and sign-in name */
    public function __construct(private array $ofOwner = [])
    {
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $password = is_string($value) ? self::fold($value) : '';
        if (in_array($password, self::list(), true)) {
            $fail('Password: this one is among the first that are tried. Choose another.');
        } elseif (mb_strlen($password) > 0 && preg_match('/^(.{1,4})\1+$/su', $password) === 1) {
            $fail('Password: it is one thing over and over. Choose another.');
        } elseif (array_any($this->ofOwner, static fn (string $name): bool => self::isMostly($password, self::fold($name)))) {
            $fail('Password: it is hardly more than your name. Choose another.');
        }
    }

    /** Whether a name is in it and fewer than eight other characters are. */
    private static function isMostly(string $password, string $name): bool
    {
        return $name !== '' && str_contains($password, $name) && mb_strlen($password) - mb_strlen($name) < 8;
    }

    /** @return list<string> */
    private static function list(): array
    {
        $lines = file(resource_path('passwords/common.txt'), FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [];

        return array_values(array_filter($lines, static fn (string $line): bool => $line[0] !== '#'));
    }

    /** Lower case, letters and digits; signs alone are kept as they are. */
    private static function fold(string $text): string
    {
        $bare = (string) preg_replace('/[^\p{L}\p{N}]+/u', '', mb_strtolower($text));

        return $bare === '' ? $text : $bare;
    }
}
