<?php

declare(strict_types=1);

namespace Tests\Support;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Spindle\Assessment\Subjects;
use Spindle\Sheet\AsLeft;
use Spindle\Sheet\Document;
use Spindle\Sheet\Field;
use Spindle\Sheet\Kind;

/**
 * Job sheets spoilt at random from good ones: values no workshop has, of the wrong kind, in the wrong place, too many of them.
 * The same seed gives the same sheets.
 */
final class MutatedSheets
{
    private const NUMBERS = [
        0,
        -0.0,
        -1e-12,
        1e-300,
        1e-200,
        1e-12,
        1e-9,
        0.001,
        0.5,
        1,
        -1,
        7,
        39.999999999,
        1e3,
        1e6,
        1e15,
        1e200,
        1e308,
        PHP_INT_MAX,
        PHP_INT_MIN,
    ];

    private const TEXTS = [
        '',
        ' ',
        '0',
        '-0',
        '-0.0000000001 %',
        '60.0000000001 %',
        '1e5',
        '1,250',
        '40.000',
        '7,3 mm',
        '0.164 in',
        '1-1/8 in',
        '999999999/999999999 in',
        '1/999999999 in',
        '3/4 turn',
        '25 lb ft',
        '2100 lbf',
        '30 psi',
        '12 %',
        '99.999999 %',
        '20000 rpm',
        '40 000 km',
        '1,250 h',
        'none',
        'none,oil',
        'yes',
        'car',
        'tractor',
        'two',
        'heat_spot 4:30 105 mm',
        'crack 12 0 mm',
        '2024-05',
        '1900',
        '9999-12-31',
        "3000 rpm\n155",
        '3000, rpm',
        '1500;200',
        "\u{202F}",
        "a\u{0000}b",
        '½',
        '⅞"',
        '<script>',
        '{{ 7 }}',
        '0.0000000000000000001 mm',
    ];

    private readonly Randomizer $random;

    /** @param  non-empty-list<string>  $good  job sheets as text */
    public function __construct(private readonly array $good, int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /** The demonstration's own sheets. */
    public static function ofDemo(int $seed): self
    {
        $texts = array_map(
            static fn (string $file): string => (string) file_get_contents($file),
            glob(dirname(__DIR__, 2).'/database/demo/[0-9]*.json') ?: [],
        );

        return new self($texts === [] ? throw new \LogicException('the demonstration has no sheets') : $texts, $seed);
    }

    /** One more sheet: every other one with many fields at the edge of what they can hold, the rest with one to eight things spoilt. */
    public function next(): string
    {
        $document = Document::ofJson($this->pick($this->good));
        if ($this->random->getInt(0, 1) === 1) {
            return $this->atTheEdges($document)->toJson(false);
        }
        for ($left = $this->random->getInt(1, 8); $left > 0; $left--) {
            $document = $this->spoil($document);
        }

        return $document->toJson(false);
    }

    /** Possible values throughout, but such as nobody meets together: formulas get what they were not made for. */
    private function atTheEdges(Document $document): Document
    {
        for ($left = $this->random->getInt(1, 40); $left > 0; $left--) {
            $field = $this->field();
            [$least, $greatest] = $field->range?->bounds() ?? [0.0, 0.0];
            $edge = fn (): float|int => $field->kind === Kind::Count
                ? $this->random->getInt(1, (int) $greatest)
                : $this->pick([
                    $least,
                    $greatest,
                    $least + (($greatest - $least) * $this->random->getInt(0, 1000)) / 1000,
                    max($least, 2e-9 * $greatest),
                ]);
            $value = match ($field->kind) {
                Kind::Quantity, Kind::Count => $edge(),
                Kind::Quantities => array_map($edge, range(1, $this->random->getInt(1, 12))),
                Kind::Word, Kind::Words, Kind::Flag => $this->likely($field),
                default => null,
            };
            $document = $value === null ? $document : $this->put($document, $field->path(), $value);
        }

        return $document;
    }

    /** Any field, one in four of them as it is read after the work where it is one that can be. */
    private function field(): Field
    {
        $field = $this->pick(array_values(Subjects::dictionary()->all()));

        return ($this->random->getInt(0, 3) === 0 ? Subjects::dictionary()->asLeft(AsLeft::PREFIX.$field->key) : null) ?? $field;
    }

    private function spoil(Document $document): Document
    {
        $field = $this->field();
        $present = array_values(array_filter(Subjects::dictionary()->all(), static fn (Field $f): bool => self::holds($document, $f)));

        return match ($this->random->getInt(0, 9)) {
            0, 1, 2 => $this->put($document, $field->path(), $this->likely($field)),
            3 => $present === [] ? $document : $this->put($document, $this->pick($present)->path(), $this->anything()),
            4 => $present === [] ? $document : $document->with($this->pick($present)->path(), null),
            5 => $this->put(
                $document,
                [
                    'kit',
                    $this->pick([
                        'lining_outer',
                        'lining_inner',
                        'clamp_load',
                        'mu',
                        'coverage',
                        'discs',
                        'diaphragm_outer',
                        'diaphragm_inner',
                        'diaphragm_set',
                    ]),
                ],
                $this->number(),
            ),
            6 => $this->put(
                $document,
                [
                    'limits',
                    $this->pick(Subjects::dictionary()->practice->rows)->name,
                    $this->pick(['min', 'max', 'watch_from', 'watch_below']),
                ],
                $this->anything(),
            ),
            7 => $this->put(
                $document,
                [
                    $this->pick([
                        'waivers',
                        'notes',
                        'log',
                        'signed',
                        'instruments',
                        'uncertainties',
                        'causes',
                        'units',
                        'kits',
                        'readings',
                        'as_left',
                        'engine',
                    ]),
                ],
                $this->anything(),
            ),
            8 => $this->put(
                $document,
                ['engine', 'curve'],
                array_map(fn (): array => [$this->one(), $this->one()], range(0, $this->random->getInt(0, 4))),
            ),
            default => $this->put($document, $field->path(), array_fill(0, $this->random->getInt(1, 40), $this->one())),
        };
    }

    /**
     * What somebody might really have meant for the field, at an edge or just past it.
     */
    private function likely(Field $field): mixed
    {
        $words = array_map(strval(...), array_keys($field->options));

        return match ($field->kind) {
            Kind::Word => $this->pick($words),
            Kind::Words => array_map(fn (): string => $this->pick($words), range(0, $this->random->getInt(0, 3))),
            Kind::Flag => $this->random->getInt(0, 1) === 1,
            Kind::Quantity, Kind::Count => $this->near($field),
            Kind::Quantities => array_map(fn (): float => $this->near($field), range(1, $this->random->getInt(1, 12))),
            Kind::Marks => [$this->pick(['heat_spot 4:30 105 mm', 'crack 1 2 in', 'scoring 11:45 120', 'crack 13 5 mm', 'step 3'])],
            default => $this->one(),
        };
    }

    private function near(Field $field): float
    {
        [$least, $greatest] = $field->range?->bounds() ?? [0.0, 1.0];
        $between = $least + (($greatest - $least) * $this->random->getInt(0, 1000)) / 1000;

        return $this->pick([
            $least,
            $least,
            $greatest,
            $greatest,
            $between,
            abs($between) ** 0.5,
            $least - 1e-12,
            $greatest * (1 + 1e-12),
            $least + 1e-9,
            -$greatest,
        ]);
    }

    private function number(): int|float
    {
        return $this->pick([...self::NUMBERS, $this->random->getInt(1, 600), $this->random->getInt(1, 60_000) / 1000]);
    }

    private function one(): mixed
    {
        return $this->pick([$this->number(), $this->pick(self::TEXTS)]);
    }

    private function anything(): mixed
    {
        return $this->pick([
            $this->one(),
            $this->one(),
            true,
            [],
            [$this->one(), $this->one()],
            [[$this->number(), $this->pick(self::TEXTS)]],
            new \stdClass(),
            (object) [$this->pick(self::TEXTS).'x' => $this->one()],
        ]);
    }

    /** @param  non-empty-list<string>  $path */
    private function put(Document $document, array $path, mixed $value): Document
    {
        return $document->with($path, $value);
    }

    private static function holds(Document $document, Field $field): bool
    {
        try {
            return $document->get($field->path()) !== null;
        } catch (\DomainException) {
            return false;
        }
    }

    /**
     * @template T
     *
     * @param  non-empty-array<int, T>  $choices
     * @return T
     */
    private function pick(array $choices): mixed
    {
        return $choices[$this->random->getInt(0, count($choices) - 1)];
    }
}
