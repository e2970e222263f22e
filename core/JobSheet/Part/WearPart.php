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
use Spindle\Quantity\Length;

/** How far the lining of each disc is worn, and how long it would have lasted. */
final readonly class WearPart implements Part
{
    /** A forecast is made only from wear that is more than so many times its uncertainty. */
    private const MEASURABLE = 3.0;

    private const NEEDED = ['thickness_new', 'thickness', 'usable_per_side'];

    public function subject(): Subject
    {
        return new Subject('disc.lining', 'The wear of the lining');
    }

    public function assess(JobSheet $sheet, Results $results, Display $display): void
    {
        $second = $sheet->isTwoStage() ? 'Take-off disc: ' : 'Second disc: ';
        $this->disc('disc', 'wear', '', $sheet, $results, $display);
        $this->sides('disc', '', $sheet, $results, $display);
        $this->sides('disc2', $second, $sheet, $results, $display);
        if ($sheet->values->hasAny('disc2.thickness', 'disc2.thickness_new', 'disc2.usable_per_side')) {
            $this->disc('disc2', 'wear2', $second, $sheet, $results, $display);
        }
    }

    /** One hot side points at the face it ran on. */
    private function sides(string $part, string $name, JobSheet $sheet, Results $results, Display $display): void
    {
        $keys = ["{$part}.rivet_depth_flywheel", "{$part}.rivet_depth_cover"];
        $flywheel = $sheet->values->all(Length::class, $keys[0]);
        $cover = $sheet->values->all(Length::class, $keys[1]);
        if ($flywheel === [] || $cover === []) {
            return;
        }
        $difference = Length::least($flywheel)->minus(Length::least($cover));
        $apart = Length::mm(abs($difference->value));
        $limit = $sheet->limitBook()->get('disc.wear_difference');
        $verdict = $limit->judge($apart);
        $side = $difference->value < 0 ? 'flywheel' : 'cover';
        $results->finding(Finding::of("{$part}.wear_difference", $verdict,
            $name.($name === '' ? 'T' : 't').'he sides differ by '.$display->quantity($apart, $sheet->values->resolution(...$keys))
            .($verdict === Verdict::Near ? ": more worn on the {$side} side; look at the face it ran on." : '.'))
            ->against($limit)->from(...$keys));
    }

    /** @param  string  $figures  what the names of its figures begin with */
    private function disc(string $part, string $figures, string $name, JobSheet $sheet, Results $results, Display $display): void
    {
        $values = $sheet->values;
        $needed = array_map(static fn (string $key): string => "{$part}.{$key}", self::NEEDED);
        $new = $values->one(Length::class, "{$part}.thickness_new");
        $now = $values->all(Length::class, "{$part}.thickness");
        $usable = self::usable($values, $part);
        if ($new === null || $now === [] || $usable === null) {
            $missing = $values->missing(...$needed);
            $results->finding(Finding::unmeasured("{$part}.wear", $name.($name === '' ? 'W' : 'w').'ear cannot be told without '.self::names($missing).'.', ...$missing));

            return;
        }
        $wear = DiscWear::of($new, $now, $usable);
        $doubt = 2 * $sheet->uncertainty("{$part}.thickness")->value;
        if ($wear->used->value < -$doubt) {
            $results->finding(Finding::unmeasured("{$part}.wear", $name.($name === '' ? 'T' : 't').'he disc measures thicker now than new: measure again, or correct the new thickness.', "{$part}.thickness"));

            return;
        }
        $results->figure("{$figures}.used", $wear->used);
        $results->figure("{$figures}.percent", $wear->share());
        $results->figure("{$figures}.remaining", $wear->remaining());
        $limit = $sheet->limitBook()->get('wear.percent');
        $verdict = $limit->judge($wear->share());
        $step = $values->resolution(...$needed);
        $results->finding(Finding::of("{$part}.wear", $verdict,
            $name.$display->percent($wear->share()->value).' of the lining used: '.$display->quantity($wear->used, $step).' of '.$display->quantity($wear->usable, $step)
            .match ($verdict) {
                Verdict::Out => '. Replace.',
                Verdict::Near => '. Replace while it is open: the labour outweighs the disc.',
                default => '.',
            }.$this->life($wear, $figures, $sheet, $results, $display))
            ->against($limit)->from('distance_since_fitted', 'time_since_fitted', 'odometer', 'odometer_at_fitting', 'hour_meter', 'hour_meter_at_fitting', ...$needed)
            ->by('(new − least thickness now) ÷ usable lining of both sides'));
    }

    /** Usable lining of both sides together: twice the figure of one, or the sum of two. */
    public static function usable(FieldValues $values, string $part = 'disc'): ?Length
    {
        $sides = $values->all(Length::class, "{$part}.usable_per_side");

        return match (count($sides)) {
            0 => null,
            1 => $sides[0]->times(2),
            default => $sides[0]->plus($sides[1]),
        };
    }

    /** What the old lining has worn, where that can be measured at all. */
    public static function used(JobSheet $sheet): ?Length
    {
        $new = $sheet->values->one(Length::class, 'disc.thickness_new');
        $now = $sheet->values->all(Length::class, 'disc.thickness');
        $used = $new === null || $now === [] ? null : $new->minus(Length::least($now));

        return $used !== null && $used->value > self::MEASURABLE * self::doubt($sheet, 'disc')->value ? $used : null;
    }

    /** Of a difference of two readings of the thickness: as squares. */
    private static function doubt(JobSheet $sheet, string $part): Length
    {
        return $sheet->uncertainty("{$part}.thickness")->times(M_SQRT2);
    }

    private function life(DiscWear $wear, string $figures, JobSheet $sheet, Results $results, Display $display): string
    {
        $said = '';
        $spread = DiscWear::LIFE_SPREAD;
        foreach ([
            "{$figures}.remaining_distance" => $sheet->distanceSinceFitted(),
            "{$figures}.remaining_time" => $sheet->timeSinceFitted(),
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
        return implode(', ', array_map(static fn (string $key): string => match (explode('.', $key)[1]) {
            'thickness_new' => 'the thickness of the new disc',
            'thickness' => 'the thickness now',
            default => 'the usable lining a side',
        }, $missing));
    }
}
