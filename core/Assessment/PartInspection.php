<?php

declare(strict_types=1);

namespace Spindle\Assessment;

use Spindle\Kit\Completeness\PartState;
use Spindle\Kit\KitPart;
use Spindle\Limit\Finding;
use Spindle\Limit\Said;
use Spindle\Limit\Verdict;
use Spindle\Sheet\JobSheet;
use Spindle\Vehicle\Actuation;

/** What inspection says of a part that could be used again, and so what is proposed for it. */
final readonly class PartInspection
{
    /**
     * @param  Verdict  $verdict  not applicable to parts that nobody inspects
     * @param  Said|null  $said  nothing of parts that nobody inspects
     */
    private function __construct(public Verdict $verdict, public ?Said $said, public ?string $reading)
    {
    }

    /** @param  list<Finding>  $findings  of the whole job */
    public static function of(KitPart $part, JobSheet $sheet, array $findings): self
    {
        if ($part === KitPart::ConcentricSlave && $sheet->actuation() === Actuation::Concentric) {
            return new self(Verdict::Out, AssessmentSentences::concentricReplaced(), null);
        }
        $place = StripPart::showing($part);
        if ($place === null) {
            return new self(Verdict::NotApplicable, null, null);
        }
        [$reading, $word] = [$place->lookedAt(), $place->value];
        if (! $sheet->values->has($reading)) {
            return new self(Verdict::Unmeasured, AssessmentSentences::notLookedAt(), $reading);
        }
        if ($part->wet() !== '') {
            $isWet = in_array($part->wet(), $sheet->values->words($reading), true);

            return new self($isWet ? Verdict::Out : Verdict::Within, AssessmentSentences::leaks($isWet), $reading);
        }
        $own = array_filter($findings, static fn (Finding $f): bool => strtok($f->id, '.') === $word
            && $f->verdict !== Verdict::Unmeasured);
        $verdict = Verdict::worst(Verdict::Within, ...array_map(static fn (Finding $f): Verdict => $f->verdict, array_values($own)));
        $worst = array_values(array_filter($own, static fn (Finding $f): bool => $f->verdict === $verdict))[0] ?? null;

        return new self($verdict, $worst === null || $verdict === Verdict::Within ? AssessmentSentences::nothingAgainstIt()
            : AssessmentSentences::withoutStop($worst), $reading);
    }

    /** The part of the open clutch that is looked at for it. */
    public function lookedAt(): ?StripPart
    {
        return $this->reading === null ? null : StripPart::from((string) strtok($this->reading, '.'));
    }

    /** What to do with the part, where inspection says it. */
    public function proposal(): ?PartState
    {
        return match ($this->verdict) {
            Verdict::Out => PartState::Ordered,
            Verdict::Within => PartState::Reused,
            default => null,
        };
    }
}
