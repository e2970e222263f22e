<?php

declare(strict_types=1);

namespace Spindle\Capacity;

use Spindle\Limit\Said;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Force;
use Spindle\Quantity\Length;
use Spindle\Quantity\Pressure;
use Spindle\Quantity\Ratio;
use Spindle\Quantity\Speed;
use Spindle\Quantity\Stiffness;
use Spindle\Quantity\Torque;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Results;
use Spindle\Vehicle\VehicleClass;

/** The clutch a kit makes, as far as its data go; what cannot be worked out is nothing, never a guess. */
final readonly class KitClutch
{
    /**
     * @param  string|null  $claimedAs  slip or engine; nothing where its supplier does not say what the rating means
     * @param  list<string>  $missing  what the torque cannot be worked out without
     * @param  string  $springFault  why the figures of its spring cannot be; empty where they can
     * @param  list<Said>  $doubts  what it states of friction and clamp load and cannot be, a sentence each; the cautious one counts
     * @param  MaterialFigures|null  $figures  of its material, as the sheet's tables have them
     */
    private function __construct(
        public ?Material $material,
        public ?FrictionFaces $faces,
        public ?Lining $lining,
        public ?Torque $claimed,
        public ?string $claimedAs,
        public array $missing,
        private ?Ratio $mu,
        private ?Ratio $muHot,
        private ?Force $clamp,
        private ?ClampLoad $wornClamp,
        public array $doubts,
        public string $springFault,
        public ?MaterialFigures $figures,
        private ?CentrifugalAssist $assist,
        private ?TorqueCapacity $capacity,
    ) {
    }

    /** Clamp loads that differ by no more than this share of the new one are one. From memory [M]. */
    private const CLAMPS_ALIKE = 0.05;

    public static function isGiven(FieldValues $kit): bool
    {
        return $kit->hasAny(
            'kit.name',
            'kit.clamp_load',
            'kit.lining_outer',
            'kit.lining_inner',
            'kit.material',
            'kit.mu',
            'kit.claimed_torque',
        );
    }

    /** One disc is taken where none is given, except for a truck, which has one or two. The discs of two stages do not add up. */
    public static function of(FieldValues $kit, JobSheet $sheet): self
    {
        $class = $sheet->vehicleClass();
        $outer = $kit->one(Length::class, 'kit.lining_outer');
        $inner = $kit->one(Length::class, 'kit.lining_inner');
        $material = Material::tryFrom($kit->word('kit.material') ?? '');
        $figures = $material === null ? null : MaterialTable::of($sheet)->figures($material);
        $clamp = $kit->one(Force::class, 'kit.clamp_load');
        $discs = $sheet->isTwoStage() ? 1 : $kit->count('kit.discs') ?? ($class === VehicleClass::Truck ? null : 1);
        $friction = Friction::of($kit, MaterialTable::of($sheet));
        $mu = $friction->mu;
        [$worn, $springFault, $clampDoubt] = $clamp === null ? [null, '', null] : self::wornClamp($kit, $clamp);
        $faces = $discs === null ? null : FrictionFaces::ofDiscs($discs);
        $lining = $outer === null || $inner === null ? null : Lining::ring($outer, $inner, $kit->one(Ratio::class, 'kit.coverage'));

        return new self(
            $material,
            $faces,
            $lining,
            $kit->one(Torque::class, 'kit.claimed_torque'),
            $kit->word('kit.claimed_as'),
            [
                ...$kit->missing('kit.clamp_load', 'kit.lining_outer', 'kit.lining_inner'),
                ...($mu === null ? ['kit.material'] : []),
                ...($discs === null ? ['kit.discs'] : []),
            ],
            $mu,
            $friction->hot,
            $clamp,
            $worn,
            [...$friction->doubts, ...($clampDoubt === null ? [] : [$clampDoubt])],
            $springFault,
            $figures,
            CentrifugalAssist::ofKit($kit),
            $faces === null || $lining === null ? null : new TorqueCapacity($faces, $lining),
        );
    }

    /**
     * What one disc of a kit carries run in, without the rest of the clutch: for a shelf of thousands. Nothing where a datum is missing.
     *
     * @throws CapacityError when its diameters make no ring
     */
    public static function runInOfOneDisc(FieldValues $kit, MaterialTable $materials): ?Torque
    {
        $mu = Friction::of($kit, $materials)->mu;
        [$outer, $inner] = [$kit->one(Length::class, 'kit.lining_outer'), $kit->one(Length::class, 'kit.lining_inner')];
        $clamp = $kit->one(Force::class, 'kit.clamp_load');

        return $mu === null || $outer === null || $inner === null || $clamp === null ? null
            : (new TorqueCapacity(FrictionFaces::ofDiscs(1), Lining::ring($outer, $inner)))->runIn($mu, $clamp);
    }

    public function writeFigures(Results $results): void
    {
        if ($this->faces !== null) {
            $results->figure('capacity.faces', $this->faces->count);
        }
        if ($this->lining !== null) {
            $results->figure('capacity.radius_new', $this->lining->radiusUniformPressure());
            $results->figure('capacity.radius_run_in', $this->lining->radiusUniformWear());
        }
        foreach ([
            'capacity.new' => $this->asNew(), 'capacity.run_in' => $this->runIn(), 'capacity.worn' => $this->worn(),
            'capacity.hot' => $this->hot(),
        ] as $name => $figure) {
            if ($figure !== null) {
                $results->scattering($name, $figure, TorqueCapacity::scatter());
            }
        }
        $pressure = $this->liningPressure();
        if ($pressure !== null) {
            $results->figure('capacity.lining_pressure', $pressure);
        }
    }

    public function asNew(): ?Torque
    {
        return $this->mu === null || $this->clamp === null ? null : $this->capacity?->asNew($this->mu, $this->clamp);
    }

    /** Run in; where nothing but the maker's claim is known, the claim. */
    public function runIn(): ?Torque
    {
        return $this->isClaimOnly() ? $this->claimed : $this->runInWith($this->mu, $this->clamp);
    }

    public function worn(): ?Torque
    {
        return $this->runInWith($this->mu, $this->wornClamp?->worn);
    }

    /** @return array{Torque, Torque}|null what it may carry worn: a range where the clamp load then is assumed */
    public function wornRange(): ?array
    {
        if ($this->clamp === null || $this->wornClamp === null) {
            return null;
        }
        [$least, $greatest] = array_map(
            fn (Force $clamp): ?Torque => $this->runInWith($this->mu, $clamp),
            $this->wornClamp->range($this->clamp),
        );

        return $least === null || $greatest === null ? null : [$least, $greatest];
    }

    public function hot(): ?Torque
    {
        return $this->runInWith($this->muHot, $this->clamp);
    }

    public function hasAssist(): bool
    {
        return $this->assist !== null;
    }

    /** Run in, at a speed: weights on the cover add to the clamp load. */
    public function runInAt(Speed $speed): ?Torque
    {
        return $this->runInWith($this->mu, $this->clampAt($speed));
    }

    public function hotAt(Speed $speed): ?Torque
    {
        return $this->runInWith($this->muHot, $this->clampAt($speed));
    }

    private function clampAt(Speed $speed): ?Force
    {
        return $this->clamp === null || $this->assist === null ? $this->clamp : $this->clamp->plus($this->assist->at($speed));
    }

    public function isClaimOnly(): bool
    {
        return $this->missing !== [] && $this->claimed !== null;
    }

    /** Whether the maker's claim is what such a lining can give, or less. */
    public function hasBelievableClaim(): bool
    {
        [$implied, $nominal] = [$this->impliedMu(), $this->nominalMu()];

        return $implied !== null && $nominal !== null && ClaimedRating::of($implied, $nominal)->verdict() === Verdict::Within;
    }

    /** What its data carry run in, over another torque. */
    public function runInOver(Torque $other): ?Ratio
    {
        return $this->runInWith($this->mu, $this->clamp)?->ratioTo($other);
    }

    public function liningPressure(): ?Pressure
    {
        return $this->clamp === null ? null : $this->lining?->pressureUnder($this->clamp);
    }

    public function impliedMu(): ?Ratio
    {
        return $this->claimed === null || $this->clamp === null ? null : $this->capacity?->impliedMu($this->claimed, $this->clamp);
    }

    /** What the lining gives: by its material, or as stated for this kit where no material is known. */
    public function nominalMu(): ?Ratio
    {
        return $this->figures->mu ?? $this->mu;
    }

    public function clampIsAssumed(): bool
    {
        return $this->wornClamp !== null && $this->wornClamp->isAssumed;
    }

    public function clampOrigin(): string
    {
        return $this->wornClamp->origin ?? '';
    }

    /** @return list<string> */
    public function missingForFloor(): array
    {
        return [
            ...$this->missing,
            ...($this->clamp !== null && $this->wornClamp === null ? ['kit.spring'] : []),
            ...($this->mu !== null && $this->muHot === null ? ['kit.mu_hot'] : []),
        ];
    }

    private function runInWith(?Ratio $mu, ?Force $clamp): ?Torque
    {
        return $mu === null || $clamp === null ? null : $this->capacity?->runIn($mu, $clamp);
    }

    /**
     * As given; else from the springs; else the assumption for this kind of spring; nothing without a kind.
     *
     * @return array{ClampLoad|null, string, Said|null} and why the figures of the spring cannot be
     */
    private static function wornClamp(FieldValues $kit, Force $new): array
    {
        $given = $kit->one(Force::class, 'kit.clamp_load_worn');
        $kind = SpringKind::tryFrom($kit->word('kit.spring') ?? '');
        $rate = $kit->one(Stiffness::class, 'kit.spring_rate');
        $wear = $kit->one(Length::class, 'kit.wear_travel');
        $fault = '';
        try {
            $bySpring = match (true) {
                $kind === SpringKind::Coil && $rate !== null && $wear !== null => ClampLoad::ofCoils($new, $rate, $wear),
                $kind === SpringKind::Diaphragm && $wear !== null => self::diaphragm($kit, $new, $wear),
                default => null,
            };
        } catch (CapacityError $e) {
            $bySpring = null;
            $fault = $e->getMessage();
        }

        $isMore = $given !== null && $given->value > $new->value * (1 + self::CLAMPS_ALIKE);
        $isOff = $given !== null && $bySpring !== null && abs($given->value - $bySpring->worn->value) > self::CLAMPS_ALIKE * $new->value;
        $least = $given === null ? null : Force::least([$given, $new, ...($isOff ? [$bySpring->worn] : [])]);

        return [match (true) {
            $least !== null => ClampLoad::given($isMore || $isOff ? $least : $given),
            $bySpring !== null => $bySpring,
            $kind !== null => ClampLoad::assumed($new, $kind),
            default => null,
        }, $fault, match (true) {
            $given === null => null,
            $isMore => CapacitySentences::wornAboveNew($given, $new),
            $isOff => CapacitySentences::wornAgainstSpring($given, $bySpring->worn),
            default => null,
        }];
    }

    /** @throws CapacityError when the figures of the spring contradict each other */
    private static function diaphragm(FieldValues $kit, Force $new, Length $wear): ?ClampLoad
    {
        $spring = self::springOf($kit);

        return $spring === null ? null : ClampLoad::ofDiaphragm($new, $spring[0], $spring[1], $wear);
    }

    /**
     * The diaphragm of a kit and how far it is deflected when new; nothing where a part of it is not known.
     *
     * @return array{DiscSpring, Length}|null
     *
     * @throws CapacityError when its figures contradict each other
     */
    public static function springOf(FieldValues $kit): ?array
    {
        $of = static fn (string $name): ?Length => $kit->one(Length::class, "kit.diaphragm_{$name}");
        [$outer, $inner, $thickness, $height, $set] = [$of('outer'), $of('inner'), $of('thickness'), $of('height'), $of('set')];
        if ($outer === null || $inner === null || $thickness === null || $height === null || $set === null) {
            return null;
        }
        $spring = DiscSpring::cone($outer, $inner, $thickness, $height);
        [$plate, $pivot] = [$of('plate'), $of('pivot')];

        return [$plate === null || $pivot === null ? $spring : $spring->bearingAt($plate, $pivot), $set];
    }
}
