<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Quantity\Length;
use Spindle\Sheet\Document;
use Spindle\Sheet\Estimate;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\SheetError;

/**
 * The air gap as two feelers find it through the inspection hole, opposite each other, on either side of the disc. Both sides of one disc
 * at one place add up to its gap there, wherever between the faces it lies; a disc is judged by its least place, two by the worse disc,
 * never by a mean over discs. A list that does not say of which side and disc a reading is counts by its mean for one disc, which lies
 * where it likes, and by its least for two, since one may drag while the other has the air of both. Common practice, no source.
 */
final readonly class MeasuredGap
{
    public const READING = 'release.air_gap_measured';

    /** By disc and side, each place by place. */
    private const SIDES = [
        '1' => ['engine' => 'release.gap1_engine', 'gearbox' => 'release.gap1_gearbox'],
        '2' => ['engine' => 'release.gap2_engine', 'gearbox' => 'release.gap2_gearbox'],
    ];

    /** @return list<string> the readings by disc and side */
    public static function sides(): array
    {
        return array_merge(...array_map(array_values(...), array_values(self::SIDES)));
    }

    /** Air gap, first disc, engine side. */
    public static function label(string $key): string
    {
        return 'Air gap, '.(str_contains($key, '2') ? 'second' : 'first').' disc, '
            .(str_ends_with($key, 'engine') ? 'engine' : 'gearbox').' side';
    }

    /** Whether anybody measured it, in one way or the other. */
    public static function isThere(JobSheet $sheet): bool
    {
        return $sheet->values->hasAny(self::READING, ...self::sides());
    }

    /** @return Estimate<Length>|null with how far the feelers let it be known; nothing where it was not measured */
    public static function ofSheet(JobSheet $sheet): ?Estimate
    {
        return Estimate::of($sheet, static fn (JobSheet $s): ?Length => self::face($s), self::READING, ...self::sides());
    }

    /** Of two discs the place with the most air; of one, of which the mean counts, nothing. */
    public static function greatest(JobSheet $sheet): ?Length
    {
        $all = $sheet->values->all(Length::class, self::READING);

        return $all === [] || ! $sheet->isTwinDisc() ? null : Length::greatest($all);
    }

    /** @return list<string> of what was begun by disc and side, the readings that are still to come: one side alone tells nothing */
    public static function missing(JobSheet $sheet): array
    {
        if (! $sheet->values->hasAny(...self::sides())) {
            return [];
        }
        $missing = [];
        foreach ($sheet->isTwinDisc() ? ['1', '2'] : ['1'] as $disc) {
            $read = array_map(static fn (string $key): int => count($sheet->values->entries($key)), self::SIDES[$disc]);
            foreach ($read as $side => $places) {
                $missing = $places === 0 || $places < max($read) ? [...$missing, self::SIDES[$disc][$side]] : $missing;
            }
        }

        return $missing;
    }

    /** What each face has, at the least place of the worst disc. */
    private static function face(JobSheet $sheet): ?Length
    {
        $places = self::places($sheet);
        if ($places !== []) {
            return Length::least($places);
        }
        $all = $sheet->values->all(Length::class, self::READING);
        if ($all === []) {
            return null;
        }

        return $sheet->isTwinDisc() ? Length::least($all) : Length::mean($all);
    }

    /** @return list<Length> what each face has at every place of every disc of which both sides were read */
    private static function places(JobSheet $sheet): array
    {
        $places = [];
        foreach (self::SIDES as $disc) {
            $gearbox = $sheet->values->all(Length::class, $disc['gearbox']);
            foreach ($sheet->values->all(Length::class, $disc['engine']) as $i => $engine) {
                $places = isset($gearbox[$i]) ? [...$places, $engine->plus($gearbox[$i])->over(2)] : $places;
            }
        }

        return $places;
    }

    /**
     * A file may give the gap by disc and side in one: {"1": {"engine": [...], "gearbox": [...]}}.
     *
     * @throws SheetError when a disc or a side is none, with the place
     */
    public static function into(Document $document): Document
    {
        $given = $document->get(['release', 'air_gap_measured']);
        if (! $given instanceof \stdClass) {
            return $document;
        }
        if (get_object_vars($given) === []) {
            throw SheetError::at('release.air_gap_measured', 'no disc is in it');
        }
        $changes = [[['release', 'air_gap_measured'], null]];
        foreach (get_object_vars($given) as $disc => $sides) {
            $place = "release.air_gap_measured.{$disc}";
            foreach ($sides instanceof \stdClass ? get_object_vars($sides) : [] as $side => $read) {
                $field = self::SIDES[$disc][$side]
                    ?? throw SheetError::at("{$place}.{$side}", 'a disc is 1 or 2, a side engine or gearbox');
                $changes[] = [explode('.', $field), $read];
            }
            if (! isset(self::SIDES[$disc]) || ! $sides instanceof \stdClass) {
                throw SheetError::at($place, 'a disc is 1 or 2, and has its sides, engine and gearbox');
            }
        }

        return $document->withAll($changes);
    }
}
