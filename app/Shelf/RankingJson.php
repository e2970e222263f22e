<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Sheets\AssessmentJson;
use Spindle\Assessment\Assessment;
use Spindle\Kit\Ladder;
use Spindle\Kit\LadderStep;
use Spindle\Kit\Ranking\Ranking;
use Spindle\Quantity\Display;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\JobSheet;

/** A ranking as machines read it. */
final class RankingJson
{
    private const FLAGS = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION
        | JSON_INVALID_UTF8_SUBSTITUTE;

    /**
     * @param  array<int|string, FieldValues>  $kits
     * @param  list<RowError>  $errors
     */
    public static function of(JobSheet $sheet, Ranking $ranking, array $kits, int $counted, array $errors, Display $display): string
    {
        $list = [];
        foreach ($ranking->kits as $i => $ranked) {
            $kit = $kits[$ranked->key] ?? new FieldValues($sheet->dictionary);
            $assessment = Assessment::ofKit($sheet, $kit);
            $list[] = (object) [
                'number' => $kit->word('kit.number') ?? (string) $ranked->key,
                'name' => $kit->word('kit.name'),
                'rank' => $i + 1,
                'verdict' => $assessment->verdict()->value,
                'group' => $ranked->standing->value,
                'fits' => $ranked->fits,
                'carries' => $ranked->carries,
                'score' => (object) ['total' => $ranked->score->total, 'parts' => (object) array_map(
                    static fn (?float $part): float => $part ?? 0.0, $ranked->score->parts,
                ), 'unknown' => array_keys($ranked->score->parts, null, true)],
                'findings' => AssessmentJson::of($assessment, $display)->findings,
                'lacks' => $ranked->lacks,
                'waits' => $ranked->waits,
                'unmeasured' => $assessment->unmeasured(),
            ];
        }
        $from = Ladder::strongest($sheet, $ranking->fittingAmong($kits));

        return json_encode((object) [
            'kits' => $list,
            'counted' => $counted,
            'ladder' => $ranking->carrying > 0 || $from === null ? [] : array_map(static fn (LadderStep $s): \stdClass => (object) [
                'step' => $s->id, 'label' => $s->label, 'torque' => $s->carried->value, 'margin' => $s->margin->value,
                'carries' => $s->carries,
            ], Ladder::of($sheet, $from, $display)),
            'errors' => array_map(static fn (RowError $e): \stdClass => (object) get_object_vars($e), $errors),
        ], self::FLAGS);
    }
}
