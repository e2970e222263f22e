<?php

declare(strict_types=1);

namespace Spindle\Fastening;

use Spindle\Limit\Finding;
use Spindle\Limit\Instrument;
use Spindle\Limit\Said;
use Spindle\Limit\Verdict;
use Spindle\Quantity\AsRead;
use Spindle\Quantity\Length;
use Spindle\Quantity\Ratio;
use Spindle\Quantity\Torque;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/** One group of bolts: whether its torque is believable and within the wrench, and whether every bolt went through every round. */
final readonly class TighteningJudgement implements Judgement
{
    /** Above the reference by more than this a digit or a unit may have slipped. From memory [M]. */
    private const OVER_REFERENCE = 1.5;

    /** Under this share of the reference a digit or a unit may have slipped; under the second it did. From memory [M]. */
    private const UNDER_REFERENCE = [0.5, 1 / 3];

    /** So far above the reference it did. From memory [M]. */
    private const FAR_OVER = 3.0;

    /** A click wrench is not trusted below this share of its range. Common practice, no source. */
    private const WRENCH_FROM = 0.2;

    public function __construct(private BoltGroup $group)
    {
    }

    public function topic(): Topic
    {
        return new Topic("fastening.{$this->group->value}_plan", "{$this->group->label()} bolts");
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        $plan = TighteningPlan::of($sheet, $this->group);
        if ($plan === null) {
            if ($sheet->values->hasAny($this->group->key('torque'), $this->group->key('thread'))) {
                $results->finding(Finding::unmeasured($this->id('bolts'), FasteningSentences::boltsNotCounted($this->group),
                    $this->group->key('bolts')));
            }

            return;
        }
        $results->figure($this->group->key('order'), $plan->order);
        if ($plan->reference !== null) {
            $results->figure($this->group->key('reference_torque'), $plan->reference);
        }
        $this->torque($plan, $sheet, $results);
        $this->contradictions($plan, $sheet, $results);
        $this->progress($plan, $results);
        $this->gap($sheet, $results);
    }

    private function id(string $what): string
    {
        return "fastening.{$this->group->value}_{$what}";
    }

    private function torque(TighteningPlan $plan, JobSheet $sheet, Results $results): void
    {
        $key = $this->group->key('torque');
        if ($plan->torque === null) {
            $results->finding(Finding::unmeasured(
                $this->id('torque'), FasteningSentences::torqueUnknown($this->group, $plan->reference), $key,
            ));

            return;
        }
        $reason = $this->whyOdd($plan->torque, $sheet);
        $results->finding(($reason === null
            ? Finding::of($this->id('torque'), Verdict::Within, FasteningSentences::torque(
                $this->group, $plan->torque, $plan->torque->times(self::wrenchDoubt()),
            ))
            : Finding::of($this->id('torque'), $this->howOdd($plan, $sheet), FasteningSentences::oddTorque(
                $this->group, new AsRead($plan->torque, $sheet->values->resolutionOf($key, $plan->torque)), $reason,
            )))
            ->from($key, $this->group->key('thread'), $this->group->key('grade'), ...FasteningFields::WRENCH));
    }

    /** The share of its reading by which a wrench may be off. */
    private static function wrenchDoubt(): float
    {
        return Instrument::TorqueWrench->uncertainty()->value;
    }

    /** What a plain steel bolt of this thread and grade takes; nothing where either is not known. */
    private function reference(JobSheet $sheet): ?Torque
    {
        $thread = Thread::read($sheet->values->word($this->group->key('thread')) ?? '');
        $grade = Grade::tryFrom($sheet->values->word($this->group->key('grade')) ?? '');

        return $thread === null || $grade === null ? null
            : ReferenceTorque::of($thread, $grade, $sheet->values->flag($this->group->key('oiled')));
    }

    /** A third or three times what the bolt takes is no torque for it. With an angle it only seats the bolt, so a little says nothing. */
    private function howOdd(TighteningPlan $plan, JobSheet $sheet): Verdict
    {
        $share = $plan->torque === null ? null : $this->reference($sheet)?->ratioTo($plan->torque)->value;

        return match (true) {
            $share === null => Verdict::Near,
            1 / $share > self::FAR_OVER, $plan->angle === null && 1 / $share < self::UNDER_REFERENCE[1] => Verdict::Out,
            default => Verdict::Near,
        };
    }

    /** Why the torque is questioned, as a sentence's end; nothing where it is not. */
    private function whyOdd(Torque $torque, JobSheet $sheet): ?Said
    {
        $values = $sheet->values;
        $reference = $this->reference($sheet);
        $share = $reference === null ? 1.0 : $torque->ratioTo($reference)->value;
        [$from, $to] = array_map(static fn (string $k): ?Torque => $values->one(Torque::class, $k), FasteningFields::WRENCH);
        $least = $to === null ? $from : Torque::of(max($from->value ?? 0.0, self::WRENCH_FROM * $to->value));

        return match (true) {
            $reference !== null && $share > self::OVER_REFERENCE => FasteningSentences::moreThanSuchABolt($reference),
            $reference !== null && ! $values->has($this->group->key('angle'))
                && $share < self::UNDER_REFERENCE[0] => FasteningSentences::lessThanSuchABolt($reference),
            $reference === null && ($this->group->usual()?->isOdd($torque) ?? false) => FasteningSentences::unusualForThese(),
            $to !== null && $torque->value > $to->value => FasteningSentences::beyondTheWrench($to),
            $least !== null && $torque->value < $least->value => FasteningSentences::tooLittleForTheWrench($least),
            default => null,
        };
    }

    /** Rounds that the plan does not have: bolts that there are not, an angle that nobody entered. */
    private function contradictions(TighteningPlan $plan, JobSheet $sheet, Results $results): void
    {
        $beyond = $angled = false;
        foreach (TighteningStage::cases() as $stage) {
            foreach ($sheet->values->all(Ratio::class, $this->group->round($stage)) as $bolt) {
                $beyond = $beyond || $bolt->value > $plan->bolts();
                $angled = $angled || ($stage === TighteningStage::Angle && $plan->angle === null);
            }
        }
        if ($beyond || $angled) {
            $results->finding(Finding::of($this->id('ticked'), Verdict::Near, $beyond
                ? FasteningSentences::tickedBeyond($this->group, $plan->bolts()) : FasteningSentences::tickedWithoutAngle($this->group))
                ->from($this->group->key('bolts'), $this->group->key('angle')));
        }
    }

    private function progress(TighteningPlan $plan, Results $results): void
    {
        $stage = $plan->stage();
        if ($stage === null) {
            $results->finding(Finding::of($this->id('rounds'), Verdict::Within, FasteningSentences::everyRoundDone($this->group))
                ->from($this->group->key('bolts')));

            return;
        }
        $sofar = new RoundSoFar(count($plan->done[$stage->value]), $plan->bolts(), $plan->next());
        $results->finding(Finding::unmeasured($this->id('rounds'),
            FasteningSentences::nextBolt($this->group, $stage, $plan->torqueAt($stage), $sofar),
            $this->group->round($stage)));
    }

    private function gap(JobSheet $sheet, Results $results): void
    {
        $gaps = $sheet->values->all(Length::class, $this->group->key('gap'));
        if ($sheet->values->word($this->group->key('tool_slides')) === 'no') {
            $results->finding(Finding::of($this->id('tool'), Verdict::Out, FasteningSentences::toolNoLongerSlides())
                ->from($this->group->key('tool_slides')));
        }
        if (count($gaps) < 2) {
            return;
        }
        $spread = Length::spread($gaps);
        $limit = $sheet->limitBook()->get('fastening.gap_spread');
        $verdict = $limit->judge($spread, $sheet->uncertainty($this->group->key('gap')));
        $results->finding(Finding::of($this->id('gap'), $verdict, FasteningSentences::gapDiffers(
            $this->group, $spread, $limit, $verdict === Verdict::Within,
        ))->against($limit)->from($this->group->key('gap')));
    }
}
