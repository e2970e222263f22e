<?php

declare(strict_types=1);

namespace Spindle\Assessment;

use Spindle\Limit\Said;
use Spindle\Limit\Verdict;
use Spindle\Sheet\JobSheet;
use Spindle\Triage\Cause;
use Spindle\Triage\Opened;
use Spindle\Triage\TriageOfSheet;

/** Why the old clutch failed: what the parts say of the causes that triage named, and what they show besides. */
final readonly class WhyItFailed
{
    /** Causes less likely than this were not really suspected. From memory [M]. */
    private const SUSPECTED = 0.10;

    private function __construct(private JobSheet $sheet, private Assessment $assessment)
    {
    }

    /**
     * @return list<FailureReason> what was found first, then what was ruled out, then what is open; nothing before any part was
     *   looked at
     */
    public static function of(JobSheet $sheet, Assessment $assessment): array
    {
        $looked = array_filter(StripPart::on($sheet), static fn (StripPart $part): bool => $part->isLookedAt($sheet));
        if ($looked === []) {
            return [];
        }
        $why = new self($sheet, $assessment);
        $begun = $assessment->triage() !== null;
        $diagnosis = $assessment->triage() ?? TriageOfSheet::diagnosis($sheet);
        $reasons = [];
        foreach (array_keys($diagnosis->chances) as $id) {
            $chance = $begun ? $diagnosis->chanceOf($id) : null;
            $reason = $why->reason($diagnosis->cause($id), $chance, $chance !== null && $chance >= self::SUSPECTED);
            $reasons = [...$reasons, ...$reason === null ? [] : [$reason]];
        }
        $order = [Standing::Confirmed, Standing::Found, Standing::Contradicted, Standing::NotLookedAt, Standing::NotToBeSeen];
        usort(
            $reasons,
            static fn (FailureReason $a, FailureReason $b): int => array_search($a->standing, $order, true) <=>
                array_search($b->standing, $order, true),
        );

        return $reasons;
    }

    private function reason(Cause $cause, ?float $chance, bool $suspected): ?FailureReason
    {
        $proofs = Opened::proofs($cause->id);
        $found = array_values(
            array_filter(array_map($this->found(...), array_unique($proofs))),
        );
        // A brake worn while the linings are good was used on the move; with worn linings it is just old.
        $isFound =
            $found !== [] && ($cause->id !== 'brake_hit' || $this->assessment->findAsFound('disc.wear')?->verdict === Verdict::Within);
        if ($isFound) {
            return new FailureReason($cause, $suspected ? Standing::Confirmed : Standing::Found, $chance, $found);
        }
        if (! $suspected) {
            return null;
        }
        $open = array_values(
            array_unique(array_filter(array_map($this->unseen(...), $proofs), static fn (string $part): bool => $part !== '')),
        );

        return match (true) {
            $proofs === [] => new FailureReason($cause, Standing::NotToBeSeen, $chance, [AssessmentSentences::settledBy($cause)]),
            $open === [] => new FailureReason($cause, Standing::Contradicted, $chance, []),
            default => new FailureReason($cause, Standing::NotLookedAt, $chance, [AssessmentSentences::stillToLookAt($open)]),
        };
    }

    /** What was found for a proof; nothing where nothing was. */
    private function found(string $proof): ?Said
    {
        if ($proof === 'truck:brake') {
            $brake = $this->sheet->values->word('truck.brake');

            return $brake === null || $brake === 'good'
                ? null : AssessmentSentences::brakeSeen($this->sheet->dictionary->get('truck.brake')->options[$brake]);
        }
        [$part, $word] = [...explode(':', $proof), ''];
        if ($word === '') {
            $finding = $this->assessment->findAsFound($proof);

            // Near supports it as well; only what was looked at and is right speaks against it.
            return in_array($finding?->verdict, [Verdict::Out, Verdict::Near], true) ? AssessmentSentences::found($finding) : null;
        }
        $key = "{$part}.conditions";
        $isSeen = in_array($word, $this->sheet->values->words($key), true);

        return $isSeen
            ? AssessmentSentences::seen(StripPart::from($part), $this->sheet->dictionary->get($key)->options[$word]) : null;
    }

    /** The part where a proof would show and nobody has looked; empty where somebody has, or where the vehicle has no such thing. */
    private function unseen(string $proof): string
    {
        if ($proof === 'truck:brake') {
            return $this->sheet->values->has('truck.brake') ? '' : 'clutch brake';
        }
        [$part, $word] = [...explode(':', $proof), ''];
        $key = $word === '' ? $proof : "{$part}.conditions";
        // A finding made of several readings, such as wear, is looked at once it is judged.
        $known =
            $word === ''
                ? in_array(
                    $this->assessment->findAsFound($proof)?->verdict,
                    [Verdict::Within, Verdict::Near, Verdict::NotApplicable],
                    true,
                )
                : $this->sheet->values->has($key);
        $asked = $this->sheet->dictionary->find($key) === null ? strtok($proof, '.').'.conditions' : $key;
        $optional = $word === '' && ! Opened::isDecisive($proof);

        return $known || $optional || ! $this->sheet->dictionary->isAsked($asked, $this->sheet)
            ? ''
            : StripPart::from(explode('.', $part)[0])->name();
    }
}
