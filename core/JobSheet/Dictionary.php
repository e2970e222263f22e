<?php

declare(strict_types=1);

namespace Spindle\JobSheet;

use Spindle\Quantity\Dimension;

/** Every field a job sheet knows, by name. The form, the file, the schema and the assessment all read this one list. */
final class Dictionary
{
    /** Parts of a file that hold their fields under short names; everything else is a reading. */
    public const SECTIONS = ['vehicle', 'engine', 'launch', 'kit', 'release', 'hydraulics'];

    /** Readings whose first word is also the name of a section. */
    public const READINGS_NAMED_LIKE_SECTIONS = ['release.depth_to_fingers', 'release.bearing_height'];

    /** Readings whose name has no part of the vehicle before it. */
    public const READINGS_OF_ONE_WORD = ['distance_since_fitted', 'time_since_fitted', 'odometer', 'odometer_at_fitting', 'hour_meter', 'hour_meter_at_fitting', 'fitted_on', 'promised_on', 'waits_for'];

    /** @var array<string, Field>|null */
    private static ?array $fields = null;

    /** @return array<string, Field> */
    public static function all(): array
    {
        return self::$fields ??= array_column(array_map(
            static fn (Field $f): array => [$f->key, $f],
            [...Fields\VehicleFields::all(), ...Fields\TriageFields::all(), ...Fields\InspectionFields::all(), ...Fields\OpenPartFields::all(), ...Fields\KitFields::all(), ...Fields\ReleaseFields::all()],
        ), 1, 0);
    }

    public static function find(string $key): ?Field
    {
        return self::all()[$key] ?? AsLeft::field($key);
    }

    /** A maker's figure entered for one job: "limits.flywheel.face_runout.max". Nothing where no check takes such a limit. */
    public static function limitField(string $key): ?Field
    {
        if (preg_match('/^limits\.(.+)\.(min|max)$/', $key, $m) !== 1) {
            return null;
        }
        $dimension = JobSheet::dimensionOfLimit($m[1]);

        return $dimension === null ? null : new Field(
            $key, Kind::Quantity, Station::ofFinding($m[1]), "Maker's figure, ".($m[2] === 'min' ? 'at least' : 'at most'), $dimension,
            unit: $dimension === Dimension::Ratio && FigureUnits::isPercent($m[1]) ? '%' : '',
        );
    }

    /** @throws \OutOfBoundsException when the code names a field that does not exist */
    public static function get(string $key): Field
    {
        return self::find($key) ?? throw new \OutOfBoundsException("no field {$key}");
    }

    /**
     * Fields as a sentence names them: "free play at the pad, pedal ratio".
     *
     * @param  list<string>  $keys
     */
    public static function spoken(array $keys): string
    {
        return implode(', ', array_map(static fn (string $key): string => self::find($key)?->spoken() ?? $key, $keys));
    }

    /** @return list<Field> those asked at a station */
    public static function at(Station $station): array
    {
        return array_values(array_filter(self::all(), static fn (Field $f): bool => $f->station === $station));
    }
}
