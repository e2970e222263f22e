<?php

declare(strict_types=1);

namespace Spindle\Fastening;

use Spindle\Limit\Finding;
use Spindle\Limit\Instrument;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
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

    public function assess(JobSheet $sheet, Results $results, Display $display): void
    {
        $plan = TighteningPlan::of($sheet, $this->group);
        if ($plan === null) {
            if ($sheet->values->hasAny($this->group->key('torque'), $this->group->key('thread'))) {
                $results->finding(Finding::unmeasured($this->id('bolts'), "{$this->group->label()}: how many bolts is not entered.",
                    $this->group->key('bolts')));
            }

            return;
        }
        $results->figure($this->group->key('order'), $plan->order);
        if ($plan->reference !== null) {
            $results->figure($this->group->key('reference_torque'), $plan->reference);
        }
        $this->torque($plan, $sheet, $results, $display);
        $this->contradictions($plan, $sheet, $results);
        $this->progress($plan, $results, $display);
        $this->gap($sheet, $results, $display);
    }

    private function id(string $what): string
    {
        return "fastening.{$this->group->value}_{$what}";
    }

    private function torque(TighteningPlan $plan, JobSheet $sheet, Results $results, Display $display): void
    {
        $name = $this->group->label();
        $key = $this->group->key('torque');
        if ($plan->torque === null) {
            $results->finding(Finding::unmeasured($this->id('torque'), "{$name} bolts: the maker's torque is not entered."
                .($plan->reference === null ? '' : ' A plain steel bolt of that size takes about '
                    .$display->both($plan->reference, 1.0).'; a reference only, soft castings and thread lock change it.'), $key));

            return;
        }
        $reason = $this->whyOdd($plan->torque, $sheet, $display);
        $results->finding(Finding::of($this->id('torque'), $reason === '' ? Verdict::Within : $this->howOdd($plan, $sheet),
            "{$name} bolts ".$display->both($plan->torque, 1.0).($reason === '' ? ', by a click wrench to ± '
                .$display->quantity($plan->torque->times(self::wrenchDoubt()), 0.1).'.' : ": {$reason}"))
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

    /** Why the torque is questioned, as a sentence's end; empty where it is not. */
    private function whyOdd(Torque $torque, JobSheet $sheet, Display $display): string
    {
        $values = $sheet->values;
        $reference = $this->reference($sheet);
        [$from, $to] = array_map(static fn (string $k): ?Torque => $values->one(Torque::class, $k), FasteningFields::WRENCH);
        $least = $to === null ? $from : Torque::of(max($from->value ?? 0.0, self::WRENCH_FROM * $to->value));

        return match (true) {
            $reference !== null && $torque->value > self::OVER_REFERENCE * $reference->value => 'more than such a bolt takes, about '
                .$display->quantity($reference, 1.0).'. A digit or a unit slipped? Look it up again.',
            $reference !== null && ! $values->has($this->group->key('angle'))
                && $torque->value < self::UNDER_REFERENCE[0] * $reference->value => 'much less than such a bolt takes, about '
                .$display->quantity($reference, 1.0).'. A digit or a unit slipped? Look it up again.',
            $reference === null && ($this->group->usual()?->isOdd($torque) ?? false) => 'unusual for these bolts. A digit or a unit '
                .'slipped? Look it up again.',
            $to !== null && $torque->value > $to->value => 'beyond the wrench, which ends at '.$display->quantity($to, 1.0).'.',
            $least !== null && $torque->value < $least->value => 'too little for the wrench, which is to be trusted from '
                .$display->quantity($least, 1.0).'. Take a smaller one.',
            default => '',
        };
    }

    /** Rounds that the plan does not have: bolts that there are not, an angle that nobody entered. */
    private function contradictions(TighteningPlan $plan, JobSheet $sheet, Results $results): void
    {
        $name = $this->group->label();
        $beyond = $angled = false;
        foreach (TighteningStage::cases() as $stage) {
            foreach ($sheet->values->all(Ratio::class, $this->group->key("done_{$stage->value}")) as $bolt) {
                $beyond = $beyond || $bolt->value > $plan->bolts();
                $angled = $angled || ($stage === TighteningStage::Angle && $plan->angle === null);
            }
        }
        if ($beyond || $angled) {
            $results->finding(Finding::of($this->id('ticked'), Verdict::Near, $beyond
                ? "{$name}: bolts are ticked beyond the {$plan->bolts()} that there are. Count them again."
                : "{$name}: bolts are ticked as turned by an angle, and no angle is entered.")
                ->from($this->group->key('bolts'), $this->group->key('angle')));
        }
    }

    private function progress(TighteningPlan $plan, Results $results, Display $display): void
    {
        $name = $this->group->label();
        $stage = $plan->stage();
        if ($stage === null) {
            $results->finding(Finding::of($this->id('rounds'), Verdict::Within, "{$name}: every bolt went through every round.")
                ->from($this->group->key('bolts')));

            return;
        }
        $done = count($plan->done[$stage->value]);
        $set = $plan->torqueAt($stage);
        $results->finding(Finding::unmeasured($this->id('rounds'), "{$name}: ".lcfirst($stage->label())
            .($set === null ? '' : ', '.$display->quantity($set, 0.1)).", {$done} of {$plan->bolts()}; next is bolt {$plan->next()}.",
            $this->group->key("done_{$stage->value}")));
    }

    private function gap(JobSheet $sheet, Results $results, Display $display): void
    {
        $gaps = $sheet->values->all(Length::class, $this->group->key('gap'));
        if ($sheet->values->word($this->group->key('tool_slides')) === 'no') {
            $results->finding(Finding::of($this->id('tool'), Verdict::Out, 'The alignment tool no longer slides: loosen, centre the disc '
                .'again, and pull down evenly.')->from($this->group->key('tool_slides')));
        }
        if (count($gaps) < 2) {
            return;
        }
        $spread = Length::spread($gaps);
        $limit = $sheet->limitBook()->get('fastening.gap_spread');
        $verdict = $limit->judge($spread, $sheet->uncertainty($this->group->key('gap')));
        $results->finding(Finding::of($this->id('gap'), $verdict, "{$this->group->label()}: the gap differs by "
            .$display->both($spread, 0.01).' around, '.$limit->wording($display).($verdict === Verdict::Within ? '.'
                : ': half turns on the wide side first, or it comes down tilted.'))->against($limit)->from($this->group->key('gap')));
    }
}
