<?php

declare(strict_types=1);

namespace App\Store;

use Closure;
use ReflectionMethod;
use ReflectionProperty;
use Spindle\Assessment\Subjects;
use Spindle\Quantity\Range;
use Spindle\Sheet\Field;
use Spindle\Sheet\KeptFields;
use Spindle\Sheet\Nature;
use Spindle\Sheet\Sorting;
use Spindle\Sheet\WrittenFields;
use UnitEnum;

/**
 * The fields of the dictionary as plain constructions in one file of PHP, as a server keeps its settings: written down by their subjects
 * step by step they take a tenth of every request. The file counts only for the program that wrote it; without it they are written down
 * anew.
 */
final class ReadyFields
{
    public static function path(): string
    {
        $path = config('spindle.ready_fields');

        return is_string($path) ? $path : '';
    }

    /** Has the dictionary made from the file, where it is of this program. */
    public static function offer(): void
    {
        $kept = is_file(self::path()) ? require self::path() : null;
        if (is_array($kept) && ($kept['of'] ?? '') === Program::version() && ($kept['fields'] ?? null) instanceof Closure) {
            $fields = $kept['fields']();
            Subjects::haveReady($fields instanceof KeptFields ? $fields : null);
        }
    }

    public static function write(): void
    {
        $natures = $lists = $fields = $nature = $station = $arms = [];
        foreach (Subjects::written(null, ...Subjects::all())->lists() as $list) {
            $lists[] = array_map(static fn (Field $f): string => $f->key, $list);
            foreach ($list as $field) {
                $arms[] = var_export($field->key, true).'=>'.self::said($field, $natures);
                $nature[$field->key] = $natures[self::made($field->nature(), $natures)];
                $station[$field->key] = $field->station->value;
                $fields[$field->key] = $field;
            }
        }
        $by = (new WrittenFields($fields))->by(...);
        $sorted = array_combine(array_column(Sorting::cases(), 'value'), array_map($by, Sorting::cases()));
        $plain = static fn (array $value): string => var_export($value, true);
        $kinds = array_map(static fn (string $made, int $n): string => "{$n}=>{$made}", array_keys($natures), $natures);
        $code = '<?php return ['.var_export('of', true).'=>'.var_export(Program::version(), true)
            .",'fields'=>static fn () => new \\".KeptFields::class."({$plain($lists)},{$plain($nature)},{$plain($station)},"
            .$plain($sorted).',static fn (int $n): \\'.Nature::class.' => match ($n) {'.implode(",\n", $kinds)."},\n"
            .'static fn (string $of, \Closure $n): \\'.Field::class.' => match ($of) {'.implode(",\n", $arms)."})];\n";
        // Whole or not at all: somebody may be reading the one before.
        $new = self::path().'.'.bin2hex(random_bytes(4));
        file_put_contents($new, $code);
        rename($new, self::path());
    }

    public static function forget(): void
    {
        is_file(self::path()) && unlink(self::path());
    }

    /** @param  array<string, int>  $natures  its number by how one is constructed; many fields share one */
    private static function said(mixed $value, array &$natures): string
    {
        if ($value instanceof Nature) {
            $made = self::made($value, $natures);

            return '$n('.($natures[$made] ??= count($natures)).')';
        }
        if ($value instanceof Range) {
            $of = static fn (string $name): string => self::said((new ReflectionProperty($value, $name))->getValue($value), $natures);

            return '\\'.Range::class."::of({$of('of')},{$of('least')},{$of('greatest')})";
        }
        if (is_array($value)) {
            $inner = [];
            foreach ($value as $key => $one) {
                $inner[] = (array_is_list($value) ? '' : var_export($key, true).'=>').self::said($one, $natures);
            }

            return '['.implode(',', $inner).']';
        }

        return match (true) {
            $value instanceof UnitEnum => '\\'.$value::class."::{$value->name}",
            $value instanceof Field => self::made($value, $natures),
            default => var_export($value, true),
        };
    }

    /** @param  array<string, int>  $natures */
    private static function made(object $value, array &$natures): string
    {
        $given = [];
        foreach ((new ReflectionMethod($value, '__construct'))->getParameters() as $parameter) {
            $given[] = self::said((new ReflectionProperty($value, $parameter->name))->getValue($value), $natures);
        }

        return 'new \\'.$value::class.'('.implode(',', $given).')';
    }
}
