<?php

declare(strict_types=1);

namespace Spindle\Inspection\Disc;

use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\AsRead;
use Spindle\Quantity\Length;
use Spindle\Quantity\Quantity;
use Spindle\Sheet\Estimate;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/** How far the lining of each disc is worn, and how long it would have lasted. */
final readonly class WearJudgement implements Judgement
{
    /** A forecast is made only from wear that is more than so many times its uncertainty. */
    private const MEASURABLE = 3.0;

    /** What the names of the figures of a disc begin with. */
    private const FIGURES = ['disc' => 'wear', 'disc2' => 'wear2'];

    private const NEEDED = ['thickness_new', 'thickness', 'usable_per_side'];

    public function topic(): Topic
    {
        return new Topic('disc.lining', 'The wear of the lining');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        $second = $sheet->isTwoStage() ? WhichDisc::TakeOff : WhichDisc::Second;
        $this->disc('disc', WhichDisc::Only, $sheet, $results);
        $this->sides('disc', WhichDisc::Only, $sheet, $results);
        $this->rivets('disc', WhichDisc::Only, $sheet, $results);
        $this->rivets('disc2', $second, $sheet, $results);
        $this->sides('disc2', $second, $sheet, $results);
        if ($sheet->values->hasAny('disc2.thickness', 'disc2.thickness_new', 'disc2.usable_per_side')) {
            $this->disc('disc2', $second, $sheet, $results);
        }
    }

    /** One hot side points at the face it ran on. */
    private function sides(string $part, WhichDisc $disc, JobSheet $sheet, Results $results): void
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
        $by = new AsRead($apart, $sheet->values->resolution(...$keys));
        $results->finding(Finding::of("{$part}.wear_difference", $verdict,
            DiscSentences::sidesDiffer($disc, $by, $difference->value < 0, $verdict === Verdict::Near))
            ->against($limit)->from(...$keys));
    }

    private function disc(string $part, WhichDisc $disc, JobSheet $sheet, Results $results): void
    {
        $figures = self::FIGURES[$part];
        $values = $sheet->values;
        $needed = array_map(static fn (string $key): string => "{$part}.{$key}", self::NEEDED);
        $new = $values->one(Length::class, "{$part}.thickness_new");
        $now = $values->all(Length::class, "{$part}.thickness");
        $usable = self::usable($values, $part);
        if ($new === null || $now === [] || $usable === null) {
            $missing = $values->missing(...$needed);
            $worn = self::worn($sheet, $part);
            if ($worn !== null && $worn->value->value > 0.0) {
                $results->estimate("{$figures}.used", $worn);
            }
            $results->finding(
                Finding::unmeasured(
                    "{$part}.wear",
                    DiscSentences::wearUnknown($disc, array_map(static fn (string $key): string => explode('.', $key)[1], $missing)),
                    ...$missing,
                ),
            );

            return;
        }
        $wear = DiscWear::of($new, $now, $usable);
        $known = Estimate::several(
            $sheet,
            static function (JobSheet $s) use ($part): array {
                $moved = self::wear($s->values, $part);

                return ['used' => $moved?->used, 'share' => $moved?->share()];
            },
            ...$needed,
        );
        if (! isset($known['used'], $known['share'])) {
            return;
        }
        [$used, $share] = [$known['used'], $known['share']];
        if ($wear->used->value < -2 * ($used->uncertainty->value ?? 0.0)) {
            $results->finding(
                Finding::unmeasured(
                    "{$part}.wear",
                    DiscSentences::thickerThanNew($disc),
                    "{$part}.thickness",
                ),
            );

            return;
        }
        $results->estimate("{$figures}.used", $used);
        $results->estimate("{$figures}.percent", $share);
        $results->figure("{$figures}.remaining", $wear->remaining());
        $limit = $sheet->limitBook()->get('wear.percent');
        $verdict = $share->against($limit);
        $step = $values->resolution(...$needed);
        $isOver = $verdict === Verdict::Out || ($limit->max !== null && $share->value->value >= $limit->max->value - 1e-9);
        $case = new WearCase(
            $verdict, new AsRead($wear->used, $step), new AsRead($wear->usable, $step), $wear->share(), $share->doubt($limit),
            $isOver || self::rivetsAreNear($part, $sheet)
                ? null : $this->life($wear, self::isMeasurable($used), $figures, $sheet, $results),
        );
        $results->finding(
            Finding::of("{$part}.wear", $verdict, DiscSentences::wear($disc, $case, $limit))
                ->against($limit)
                ->from(
                    'distance_since_fitted',
                    'time_since_fitted',
                    'odometer',
                    'odometer_at_fitting',
                    'hour_meter',
                    'hour_meter_at_fitting',
                    ...$needed,
                )
                ->by(
                    "({new|{$part}.thickness_new} − {least thickness now|least {$part}.thickness}) ÷ "
                    ."{usable lining of both sides|both {$part}.usable_per_side}", "{$figures}.percent",
                ),
        );
    }

    /** Whether the rivets end the lining before its thickness does: no forecast then. */
    private static function rivetsAreNear(string $part, JobSheet $sheet): bool
    {
        $limit = $sheet->limitBook()->find('disc.rivet_depth');
        foreach (["{$part}.rivet_depth_flywheel", "{$part}.rivet_depth_cover"] as $key) {
            $depths = $sheet->values->all(Length::class, $key);
            if ($limit !== null && $depths !== []
                && $limit->judge(Length::least($depths), $sheet->uncertaintyOf($key, Length::least($depths))) !== Verdict::Within) {
                return true;
            }
        }

        return false;
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

    /** Of what is known of a disc; nothing where that is too little. */
    private static function wear(FieldValues $values, string $part): ?DiscWear
    {
        $new = $values->one(Length::class, "{$part}.thickness_new");
        $now = $values->all(Length::class, "{$part}.thickness");
        $usable = self::usable($values, $part);

        return $new === null || $now === [] || $usable === null ? null : DiscWear::of($new, $now, $usable);
    }

    /** What the old lining has worn, where that can be measured at all. */
    public static function used(JobSheet $sheet): ?Length
    {
        $used = self::worn($sheet, 'disc');

        return $used !== null && self::isMeasurable($used) ? $used->value : null;
    }

    /** @return Estimate<Length>|null new less the least thickness now; nothing where one of the two is not known */
    private static function worn(JobSheet $sheet, string $part): ?Estimate
    {
        return Estimate::of(
            $sheet,
            static function (JobSheet $s) use ($part): ?Length {
                $now = $s->values->all(Length::class, "{$part}.thickness");

                return $now === [] ? null : $s->values->one(Length::class, "{$part}.thickness_new")?->minus(Length::least($now));
            },
            "{$part}.thickness_new",
            "{$part}.thickness",
        );
    }

    /** @param  Estimate<Quantity>  $used */
    private static function isMeasurable(Estimate $used): bool
    {
        return $used->value->value > self::MEASURABLE * ($used->uncertainty->value ?? 0.0);
    }

    /** How long the rest would last at the same rate; from a wear that can hardly be measured nothing follows. */
    private function life(DiscWear $wear, bool $isMeasurable, string $figures, JobSheet $sheet, Results $results): ?LifeLeft
    {
        $since = array_filter([
            "{$figures}.remaining_distance" => $sheet->distanceSinceFitted(),
            "{$figures}.remaining_time" => $sheet->timeSinceFitted(),
        ]);
        if ($since === [] || ! $isMeasurable) {
            return $since === [] ? null : new LifeLeft(false, [], false);
        }
        $ranges = [];
        $isLeft = false;
        $spread = DiscWear::LIFE_SPREAD;
        foreach ($since as $name => $known) {
            $left = $wear->remainingLife($known);
            if ($left !== null && $left->value > 0.0) {
                $results->figure($name, $left);
                $isLeft = true;
                $step = max(100.0, 10 ** floor(log10(max(1.0, $left->value)) - 1));
                $range = [new AsRead($left->times(1 - $spread), $step), new AsRead($left->times(1 + $spread), $step)];
                $ranges = $left->value < $step ? $ranges : [...$ranges, $range];
            }
        }

        return new LifeLeft(true, $ranges, $isLeft && $ranges === []);
    }

    /** Thickness and rivets tell the same story, or one of them is wrong. */
    private function rivets(string $part, WhichDisc $disc, JobSheet $sheet, Results $results): void
    {
        $values = $sheet->values;
        $new = $values->one(Length::class, "{$part}.thickness_new");
        $now = $values->all(Length::class, "{$part}.thickness");
        $usable = self::usable($values, $part);
        $flywheel = $values->all(Length::class, "{$part}.rivet_depth_flywheel");
        $cover = $values->all(Length::class, "{$part}.rivet_depth_cover");
        if ($new === null || $now === [] || $usable === null || $flywheel === [] || $cover === []) {
            return;
        }
        $byThickness = $new->minus(Length::least($now));
        $byRivets = $usable->minus(Length::least($flywheel))->minus(Length::least($cover));
        $limit = $sheet->limitBook()->get('disc.wear_disagreement');
        $apart = Length::mm(abs($byThickness->value - $byRivets->value));
        if ($limit->judge($apart) === Verdict::Within) {
            return;
        }
        $keys = [
            "{$part}.thickness_new",
            "{$part}.thickness",
            "{$part}.usable_per_side",
            "{$part}.rivet_depth_flywheel",
            "{$part}.rivet_depth_cover",
        ];
        $step = $values->resolution(...$keys);
        $results->finding(
            Finding::of(
                "{$part}.wear_contradiction",
                Verdict::Near,
                DiscSentences::thicknessAndRivetsDiffer($disc, new AsRead($byThickness, $step), new AsRead($byRivets, $step)),
            )
                ->against($limit)
                ->from(...$keys)
                ->by(
                    "{new|{$part}.thickness_new} − {least thickness now|least {$part}.thickness}, against "
                    ."{usable lining|both {$part}.usable_per_side} − {least depth at the flywheel|least {$part}.rivet_depth_flywheel} − "
                    ."{least depth at the cover|least {$part}.rivet_depth_cover}",
                ),
        );
    }
}
