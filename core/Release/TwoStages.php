<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Quantity\Length;
use Spindle\Quantity\Ratio;
use Spindle\Sheet\JobSheet;

/**
 * Both stages of a tractor's clutch on one pedal. Each has its own levers, lift and cushion; the second begins where the first has gone
 * half the way, and it is there that the travel disc has its air. The take-off disc has its own at the stop. Lever ratios (statics); the
 * order of the losses is common practice, no source.
 */
final readonly class TwoStages
{
    public const RATIO = 'release.stage2.finger_ratio';

    public const CUSHION = 'release.stage2.cushion';

    public const LOSS = 'release.stage2.cover_loss';

    public const BEGINS = 'release.stage2.begins';

    /** The travel of the bearing at the stop over what the air of the take-off disc needs. Common practice, no source. */
    private const IN_HAND = 1.1;

    private const FACES = 2;

    /** @param  Length  $begins  travel of the bearing, after it has met the levers, at which the second stage begins to be moved */
    public function __construct(
        public ReleaseChain $first,
        public Length $begins,
        private Ratio $leverRatio,
        private Length $loss,
        private Length $cushion,
    ) {
    }

    /** @return self|list<string> both stages, or what they cannot be worked out without */
    public static function of(JobSheet $sheet): self|array
    {
        $values = $sheet->values;
        $first = ChainOfSheet::chain($sheet);
        $begins = $values->one(Length::class, self::BEGINS) ?? $values->one(Length::class, 'two_stage.travel_to_first');
        $ratio = $values->one(Ratio::class, self::RATIO);
        $cushion = $values->one(Length::class, self::CUSHION);
        if (! $first instanceof ReleaseChain || $begins === null || $ratio === null || $cushion === null) {
            return [
                ...is_array($first) ? $first : [], ...$begins === null ? [self::BEGINS] : [],
                ...$values->missing(self::RATIO, self::CUSHION),
            ];
        }

        return new self($first, $begins, $ratio, $values->one(Length::class, self::LOSS) ?? Length::mm(0.0), $cushion);
    }

    /** Where the pedal stands, from the top, when the second stage begins. */
    public function secondBegins(): Length
    {
        return $this->first->pedalFor($this->begins);
    }

    /** Air of each face of the travel disc where the second stage begins; no more than the pedal gives. */
    public function travelGapFace(): Length
    {
        $at = Length::mm(min($this->secondBegins()->value, $this->first->pedalTravel->value));

        return $this->first->airGapAt($at)->over(self::FACES);
    }

    /** Air of each face of the take-off disc with the pedal at a place from the top. */
    public function takeOffGapFaceAt(Length $pedal): Length
    {
        $beyond = max(0.0, $this->first->bearingTravelAt($pedal)->value - $this->begins->value);

        return Length::mm(max(0.0, $beyond / $this->leverRatio->value - $this->loss->value - $this->cushion->value) / self::FACES);
    }

    /** The same at the stop. */
    public function takeOffGapFace(): Length
    {
        return $this->takeOffGapFaceAt($this->first->pedalTravel);
    }

    /** Where the travel disc is free, from the top; nothing where the pedal never gets there. */
    public function travelFree(): ?Length
    {
        return $this->first->takeUp();
    }

    /** Where the take-off disc is free, from the top; nothing where the pedal never gets there. */
    public function takeOffFree(): ?Length
    {
        $at = $this->pedalForTakeOff(Length::mm(0.0), 1.0);

        return $at->value <= $this->first->pedalTravel->value + 1e-9 ? $at : null;
    }

    /** Where the stop bolt belongs for this air of each face of the take-off disc, with a tenth of its travel in hand. */
    public function stopFor(Length $gapFace): Length
    {
        return $this->pedalForTakeOff($gapFace, self::IN_HAND);
    }

    private function pedalForTakeOff(Length $gapFace, float $inHand): Length
    {
        $second = $this->leverRatio->value * (self::FACES * $gapFace->value + $this->cushion->value + $this->loss->value);

        return $this->first->pedalFor(Length::mm($this->begins->value + $inHand * $second));
    }
}
