<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Quantity\Force;
use Spindle\Quantity\Length;
use Spindle\Quantity\Ratio;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\JobSheet;

/** What a kit would come to on this vehicle's release chain, as it is set now, with the kit's own release load and travel. */
final readonly class CandidateRelease
{
    /**
     * @param  Force|null  $pedalForce  at the pad; nothing where the chain or the kit's release load is not known
     * @param  Length|null  $mostTravel  that the kit's cover takes
     * @param  list<string>  $missing  readings and data without which there is more that cannot be said
     */
    private function __construct(
        public ?Force $pedalForce,
        public ?Length $bearingTravel,
        public ?Length $mostTravel,
        public ?Length $airGap,
        public ?Ratio $takeUp,
        public array $missing,
    ) {
    }

    public static function of(JobSheet $sheet, FieldValues $kit): self
    {
        $with = $sheet->withKit($kit);
        $chain = ChainOfSheet::chain($with);
        $load = $kit->one(Force::class, 'kit.release_load');
        $ofKit = $kit->missing('kit.release_load', 'kit.release_travel_max');
        if (! $chain instanceof ReleaseChain) {
            return new self(null, null, $kit->one(Length::class, 'kit.release_travel_max'), null, null, [...$chain, ...$ofKit]);
        }
        $efficiency = $with->values->one(Ratio::class, 'release.efficiency') ?? Ratio::of(ReleaseChain::EFFICIENCY);

        return new self(
            $load === null || $sheet->isAirAssisted() ? null : $chain->pedalForce($load, $efficiency), $chain->bearingTravel(),
            $kit->one(Length::class, 'kit.release_travel_max'), $chain->airGapFace(), $chain->takeUpFromFloor(),
            $sheet->isAirAssisted() ? [...$ofKit, ...$with->values->missing('release.pedal_force_measured')] : $ofKit,
        );
    }

    /** Whether the bearing would go further than the cover takes; nothing where one of the two is not known. */
    public function overTravels(): ?bool
    {
        return $this->bearingTravel === null || $this->mostTravel === null
            ? null : $this->bearingTravel->value > $this->mostTravel->value;
    }
}
