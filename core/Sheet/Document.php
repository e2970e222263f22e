<?php

declare(strict_types=1);

namespace Spindle\Sheet;

/** A job sheet as the text of a file: read with a clear refusal, changed at one place, written back with all it held. */
final readonly class Document
{
    public const FORMAT = 'jade-spindle/job-sheet';

    public const VERSION = 1;

    private const DEEPEST = 32;

    private const LARGEST = 8_000_000;

    private function __construct(private \stdClass $root)
    {
    }

    public static function blank(): self
    {
        return new self((object) ['format' => self::FORMAT, 'version' => self::VERSION]);
    }

    /** @throws SheetError when the text is not JSON of this format */
    public static function ofJson(string $json): self
    {
        // Some programs put a mark of the byte order before the text; it is no part of it. RFC 8259, section 8.1.
        $root = self::decode(str_starts_with($json, "\u{FEFF}") ? substr($json, 3) : $json);
        if (! $root instanceof \stdClass) {
            throw SheetError::wrongType('the file', 'an object', $root);
        }
        if (($root->format ?? null) !== self::FORMAT) {
            throw SheetError::wrongType('format', 'the text '.self::FORMAT, $root->format ?? null);
        }
        if (($root->version ?? null) !== self::VERSION) {
            throw SheetError::wrongType('version', 'the number '.self::VERSION, $root->version ?? null);
        }

        return new self($root);
    }

    /**
     * The value at a path, or nothing.
     *
     * @param  list<string>  $path
     *
     * @throws SheetError when a section on the way is not an object
     */
    public function get(array $path): mixed
    {
        $at = $this->root;
        foreach ($path as $depth => $name) {
            if (! $at instanceof \stdClass) {
                throw SheetError::wrongType(implode('.', array_slice($path, 0, $depth)), 'an object', $at);
            }
            if (! property_exists($at, $name)) {
                return null;
            }
            $at = $at->{$name};
        }

        return $at;
    }

    /** @return list<non-empty-list<string>> the paths of whatever holds nothing under names of its own */
    public function leaves(): array
    {
        return self::under($this->root, []);
    }

    /**
     * @param  list<string>  $path
     * @return list<non-empty-list<string>>
     */
    private static function under(\stdClass $at, array $path): array
    {
        $leaves = [];
        foreach (get_object_vars($at) as $name => $value) {
            $here = [...$path, (string) $name];
            if ($value instanceof \stdClass && (array) $value !== []) {
                array_push($leaves, ...self::under($value, $here));
            } else {
                $leaves[] = $here;
            }
        }

        return $leaves;
    }

    /**
     * With another value at a path; sections on the way are made. Null takes the entry out.
     *
     * @param  non-empty-list<string>  $path
     */
    public function with(array $path, mixed $value): self
    {
        return $this->withAll([[$path, $value]]);
    }

    /**
     * With other values at several paths.
     *
     * @param  list<array{non-empty-list<string>, mixed}>  $changes
     */
    public function withAll(array $changes): self
    {
        $root = self::copy($this->root);
        foreach ($changes as [$path, $value]) {
            self::put($root, $path, $value);
        }

        return new self($root);
    }

    /** @param  non-empty-list<string>  $path */
    private static function put(\stdClass $at, array $path, mixed $value): void
    {
        $last = array_pop($path);
        foreach ($path as $name) {
            $next = $at->{$name} ?? null;
            if (! $next instanceof \stdClass) {
                $next = new \stdClass;
                $at->{$name} = $next;
            }
            $at = $next;
        }
        if ($value === null) {
            unset($at->{$last});
        } else {
            $at->{$last} = $value;
        }
    }

    public function toJson(bool $pretty = true): string
    {
        return json_encode(
            $this->root,
            JSON_THROW_ON_ERROR |
                JSON_UNESCAPED_UNICODE |
                JSON_UNESCAPED_SLASHES |
                JSON_PRESERVE_ZERO_FRACTION |
                ($pretty ? JSON_PRETTY_PRINT : 0),
        );
    }

    private static function decode(string $json): mixed
    {
        if (strlen($json) > self::LARGEST) {
            throw SheetError::unreadable('the file is larger than '.(self::LARGEST / 1_000_000).' MB');
        }
        if (trim($json) === '') {
            throw SheetError::unreadable('the file is empty');
        }
        try {
            $root = json_decode(preg_replace('/^\xEF\xBB\xBF/', '', $json) ?? $json, false, self::DEEPEST, JSON_THROW_ON_ERROR);
            self::refuseEndless($root, '');

            return $root;
        } catch (\JsonException $e) {
            throw SheetError::unreadable(match ($e->getCode()) {
                JSON_ERROR_DEPTH => 'the file is nested deeper than '.self::DEEPEST.' levels',
                JSON_ERROR_UTF8 => 'the file is not in UTF-8',
                JSON_ERROR_INVALID_PROPERTY_NAME => 'a name in the file starts with a null character',
                default => 'the file is not JSON ('.lcfirst($e->getMessage()).')',
            });
        }
    }

    /** A number such as 1e999 is no number here, wherever it stands; it could be read and never written back. */
    private static function refuseEndless(mixed $value, string $place): void
    {
        if (is_float($value) && ! is_finite($value)) {
            throw SheetError::at($place, 'the number is too large to be a measurement');
        }
        foreach (is_array($value) || $value instanceof \stdClass ? (array) $value : [] as $name => $inner) {
            self::refuseEndless($inner, $place === '' ? (string) $name : (is_array($value) ? "{$place}[{$name}]" : "{$place}.{$name}"));
        }
    }

    private static function copy(\stdClass $object): \stdClass
    {
        $copy = new \stdClass;
        foreach (get_object_vars($object) as $name => $value) {
            $copy->{$name} = $value instanceof \stdClass ? self::copy($value) : $value;
        }

        return $copy;
    }
}
