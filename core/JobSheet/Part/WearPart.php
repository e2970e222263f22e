<?php

declare(strict_types=1);

namespace Spindle\JobSheet\Part;

use Spindle\Inspection\DiscWear;
use Spindle\JobSheet\FieldValues;
use Spindle\JobSheet\JobSheet;
use Spindle\JobSheet\Results;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Quantity\Distance;
use Spindle\Quantity\Duration;
use Spindle\Quantity\Length;

/** How far the lining is worn, and how long it would have lasted. */
final readonly class WearPart implements Part
{
    private const NEEDED = ['disc.thickness_new', 'disc.thickness', 'disc.usable_per_side'];

    public function assess(JobSheet $sheet, Results $results, Display $display): void
    {
        $values = $sheet->values;
        $new = $values->one(Length::class, 'disc.thickness_new');
        $now = $values->all(Length::class, 'disc.thickness');
        $usable = self::usable($values);
        if ($new === null || $now === [] || $usable === null) {
            $missing = $values->missing(...self::NEEDED);
            $results->finding(Finding::unmeasured('disc.wear', 'Wear cannot be told without '.self::names($missing).'.', ...$missing));

            return;
        }
        $wear = DiscWear::of($new, $now, $usable);
        $doubt = 2 * $sheet->uncertainty('disc.thickness')->value;
        if ($wear->used->value < -$doubt) {
            $results->finding(Finding::unmeasured('disc.wear', 'The disc measures thicker now than new: measure again, or correct the new thickness.', 'disc.thickness'));

            return;
        }
        $results->figure('wear.used', $wear->used);
        $results->figure('wear.percent', $wear->share());
        $results->figure('wear.remaining', $wear->remaining());
        $this->judge($wear, $sheet, $results, $display);
    }

    /** Usable lining of both sides together: twice the figure of one, or the sum of two. */
    public static function usable(FieldValues $values): ?Length
    {
        $sides = $values->all(Length::class, 'disc.usable_per_side');

        return match (count($sides)) {
            0 => null,
            1 => $sides[0]->times(2),
            default => $sides[0]->plus($sides[1]),
        };
    }

    private function judge(DiscWear $wear, JobSheet $sheet, Results $results, Display $display): void
    {
        $limit = $sheet->limitBook()->get('wear.percent');
        $verdict = $limit->judge($wear->share());
        $step = $sheet->values->resolution(...self::NEEDED);
        $results->finding(Finding::of('disc.wear', $verdict,
            $display->percent($wear->share()->value).' of the lining used: '.$display->quantity($wear->used, $step).' of '.$display->quantity($wear->usable, $step)
            .match ($verdict) {
                Verdict::Out => '. Replace.',
                Verdict::Near => '. Replace while it is open: the labour outweighs the disc.',
                default => '.',
            }.$this->life($wear, $sheet->values, $results, $display))
            ->against($limit)->from('distance_since_fitted', 'time_since_fitted', ...self::NEEDED)
            ->by('(new − least thickness now) ÷ usable lining of both sides'));
    }

    private function life(DiscWear $wear, FieldValues $values, Results $results, Display $display): string
    {
        $said = '';
        $spread = DiscWear::LIFE_SPREAD;
        foreach ([
            'wear.remaining_distance' => $values->one(Distance::class, 'distance_since_fitted'),
            'wear.remaining_time' => $values->one(Duration::class, 'time_since_fitted'),
        ] as $name => $since) {
            $left = $since === null ? null : $wear->remainingLife($since);
            if ($left !== null) {
                $results->figure($name, $left);
                $step = max(100.0, 10 ** floor(log10(max(1.0, $left->value)) - 1));
                $said .= ' At this rate another '.$display->quantity($left->times(1 - $spread), $step).' to '.$display->quantity($left->times(1 + $spread), $step).'; drivers, hills and towing decide.';
            }
        }

        return $said;
    }

    /** @param  list<string>  $missing */
    private static function names(array $missing): string
    {
        return implode(', ', array_map(static fn (string $key): string => match ($key) {
            'disc.thickness_new' => 'the thickness of the new disc',
            'disc.thickness' => 'the thickness now',
            default => 'the usable lining a side',
        }, $missing));
    }
}
