<?php

declare(strict_types=1);

namespace Spindle\Sheet;

use Spindle\Limit\Concession;
use Spindle\Limit\Instrument;
use Spindle\Limit\LimitSource;
use Spindle\Quantity\UnitSystem;

/** The JSON Schema of a job sheet, made from the dictionary so that the two cannot part. */
final class Schema
{
    private const QUANTITY = ['$ref' => '#/definitions/quantity'];

    private const TEXT = ['type' => 'string'];

    /** @return array<string, mixed> */
    public static function ofSheet(Dictionary $dictionary): array
    {
        $sections = ['readings' => [], ...array_fill_keys($dictionary->fileSections(), [])];
        $top = $groups = [];
        foreach ($dictionary->all() as $field) {
            $path = $field->path();
            if (count($path) === 1) {
                $top[$path[0]] = self::field($field);
            } elseif (count($path) === 2 || $path[0] === 'limits') {
                $sections[$path[0]][$path[1]] = self::field($field);
            } else {
                $groups[$path[0]][$path[1]][$path[2]] = self::field($field);
            }
        }
        foreach ($groups as $section => $names) {
            foreach ($names as $name => $properties) {
                $sections[$section][$name] = ['type' => 'object', 'properties' => $properties];
            }
        }
        $objects = array_map(static fn (array $properties): array => ['type' => 'object', 'properties' => $properties], $sections);
        $by = static fn (array $each): array => ['type' => 'object', 'additionalProperties' => $each];

        return [
            '$schema' => 'http://json-schema.org/draft-07/schema#',
            'title' => 'Job sheet',
            'description' => 'One clutch job. A quantity is text as a person writes it, or a number in the base unit of its name. '.
            'Unknown names are kept.',
            'type' => 'object',
            'required' => ['format', 'version'],
            'properties' => [
                'format' => ['const' => Document::FORMAT],
                'version' => ['const' => Document::VERSION],
                'units' => ['enum' => array_column(UnitSystem::cases(), 'value')],
                ...$objects,
                ...$top,
                AsLeft::SECTION => ['type' => 'object', 'properties' => self::readAgain($dictionary)],
                StepsTaken::SECTION => StepsTaken::schema(),
                'kits' => ['type' => 'array', 'items' => $objects['kit']],
                'limits' => $by([
                    'type' => 'object',
                    'properties' => [
                        ...array_fill_keys(['min', 'max', 'watch_from', 'watch_below'], self::QUANTITY),
                        'source' => ['enum' => array_column(LimitSource::cases(), 'value')],
                    ],
                ]),
                'elsewhere' => [
                    'type' => 'object',
                    'description' => 'Limits, rules and makers’ figures stated elsewhere and not taken over here; they count for nothing.',
                ],
                'instruments' => $by(['enum' => array_column(Instrument::cases(), 'value')]),
                'uncertainties' => $by(self::QUANTITY),
                ...array_map(static fn (Section $section): array => $section->schema, $dictionary->sections),
                'waivers' => $by([
                    'type' => 'object',
                    'required' => ['reason'],
                    'properties' => [
                        'reason' => ['type' => 'string', 'minLength' => 1], 'by' => self::TEXT, 'at' => self::TEXT,
                        'for' => ['enum' => array_column(Concession::REACHES, 'value')], 'agreed_by' => self::TEXT,
                        'basis' => self::TEXT,
                    ],
                ]),
                'notes' => [
                    'type' => 'array',
                    'items' => ['type' => 'object', 'properties' => array_fill_keys(['station', 'text', 'by', 'at'], self::TEXT)],
                ],
                'log' => ['type' => 'array', 'items' => ['type' => 'object', 'required' => ['seq', 'field', 'typed', 'by', 'at']]],
                'signed' => ['type' => 'object', 'properties' => ['by' => self::TEXT, 'at' => self::TEXT]],
            ],
            'definitions' => [
                'quantity' => ['type' => ['string', 'number']],
            ],
        ];
    }

    /** @return array<string, mixed> what can be read after the work, by name */
    private static function readAgain(Dictionary $dictionary): array
    {
        return array_map(self::field(...), array_filter($dictionary->all(), $dictionary->isReadAgain(...)));
    }

    /** @return array<string, mixed> */
    private static function field(Field $field): array
    {
        $unit = $field->dimension?->baseUnit()->symbol;
        $about = ['description' => $field->label.($unit === null || $unit === '' ? '' : "; base unit {$unit}")];
        $words = array_map(strval(...), array_keys($field->options));

        return $about + [
            'anyOf' => [
                ['type' => 'null'],
                match ($field->kind) {
                    Kind::Quantity, Kind::Count => self::QUANTITY,
                    Kind::Quantities => ['anyOf' => [self::QUANTITY, ['type' => 'array', 'minItems' => 1, 'items' => self::QUANTITY]]],
                    Kind::Word => ['enum' => $words],
                    Kind::Words => ['anyOf' => [['enum' => $words], ['type' => 'array', 'items' => ['enum' => $words]]]],
                    Kind::Flag => ['type' => 'boolean'],
                    Kind::Text => ['type' => ['string', 'number']],
                    Kind::Marks => ['anyOf' => [self::TEXT, ['type' => 'array', 'minItems' => 1, 'items' => self::TEXT]]],
                    Kind::Date => ['type' => 'string', 'pattern' => '^\\d{4}(-\\d{2}(-\\d{2})?)?$'],
                    Kind::Curve => [
                        'type' => 'array',
                        'minItems' => 1,
                        'items' => ['type' => 'array', 'items' => self::QUANTITY, 'minItems' => 2, 'maxItems' => 2],
                    ],
                },
            ],
        ];
    }
}
