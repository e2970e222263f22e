<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Jobs\AssessedJob;
use App\Jobs\Memo;
use App\Page\JobPlanning;
use App\Page\KitInJob;
use App\Page\KitLine;
use App\Page\Rounds;
use App\Page\ShelfRow;
use Spindle\Assessment\Assessment;
use Spindle\Assessment\StripPart;
use Spindle\Fastening\BoltGroup;
use Spindle\Release\MovedRatio;
use Spindle\Sheet\Station;

/** The drawings of one job: each made when a view first asks for it, from figures that the core has worked out, and once. */
final readonly class Drawings
{
    private function __construct(private AssessedJob $page, private Memo $made)
    {
    }

    public static function of(AssessedJob $page): self
    {
        return new self($page, new Memo);
    }

    /** @return list<string> those of a station, to be drawn anew after an entry */
    public function followed(Station $station): array
    {
        return self::at($station, $this->page);
    }

    /** @return list<string> names of the views in drawings/ that follow the readings of a station */
    public static function at(Station $station, AssessedJob $page): array
    {
        return match ($station) {
            Station::Triage => ['triage'],
            Station::Demand => ['demand', 'starts'],
            Station::Strip => array_merge(...array_map(self::ofPart(...), StripPart::on($page->sheet))),
            Station::Bench => ['bench'],
            Station::Fit => [...array_map(static fn (BoltGroup $g): string => "bolts-{$g->value}", BoltGroup::cases()), 'housing', 'steps'],
            Station::Set => ['truck', 'chain', 'ratios', 'pedal', 'setting', 'turns', 'was-set', 'clutch', 'bleeding',
                ...($page->sheet->isTwoStage() ? ['levers', 'stages'] : [])],
            Station::Prove => ['proved'],
            default => [],
        };
    }

    /** @return list<string> */
    private static function ofPart(StripPart $part): array
    {
        return match ($part) {
            StripPart::Disc => ['disc'],
            StripPart::SecondDisc => ['disc2'],
            StripPart::Cover => ['plate', 'fingers'],
            StripPart::TwoStage => ['levers'],
            StripPart::Flywheel => ['face', 'flywheel'],
            StripPart::Pilot => ['pilot'],
            default => [],
        };
    }

    public function triage(): TriageDrawing
    {
        return $this->made->once('triage', fn (): TriageDrawing => TriageDrawing::of($this->page));
    }

    public function stages(): ?StagesDrawing
    {
        return StagesDrawing::of($this->page);
    }

    public function engine(): EngineDrawing
    {
        return $this->made->once('engine', fn (): EngineDrawing => EngineDrawing::of($this->page));
    }

    /** Nothing while a start and the mass of the plates are not known. */
    public function starts(): ?StartsDrawing
    {
        return $this->made->once('starts', fn (): ?StartsDrawing => StartsDrawing::of($this->page));
    }

    public function disc(string $part = 'disc'): DiscDrawing
    {
        return $this->made->once("disc {$part}", fn (): DiscDrawing => DiscDrawing::of($this->page, $part));
    }

    public function flywheel(): FlywheelDrawing
    {
        return $this->made->once('flywheel', fn (): FlywheelDrawing => FlywheelDrawing::of($this->page));
    }

    public function face(string $part): FaceDrawing
    {
        return $this->made->once("face {$part}", fn (): FaceDrawing => FaceDrawing::of($this->page, $part));
    }

    public function pilot(): PilotDrawing
    {
        return $this->made->once('pilot', fn (): PilotDrawing => PilotDrawing::of($this->page));
    }

    public function ring(string $reading): RingDrawing
    {
        return $this->made->once("ring {$reading}", fn (): RingDrawing => RingDrawing::of($this->page, $reading));
    }

    /** Nothing while neither is measured. */
    public function bench(): ?BenchDrawing
    {
        return $this->made->once('bench', fn (): ?BenchDrawing => BenchDrawing::of($this->page));
    }

    public function group(string $name): BoltGroup
    {
        return BoltGroup::from($name);
    }

    /** Nothing while the number of bolts is not known. */
    public function bolts(BoltGroup $group): ?BoltDrawing
    {
        return $this->made->once("bolts {$group->value}", fn (): ?BoltDrawing => BoltDrawing::of($this->page, $group));
    }

    public function housing(): ?SweepDrawing
    {
        return $this->made->once('housing', fn (): ?SweepDrawing => SweepDrawing::of($this->page));
    }

    public function truck(): TruckDrawing
    {
        return $this->made->once('truck', fn (): TruckDrawing => TruckDrawing::of($this->page));
    }

    public function twoStage(): TwoStageDrawing
    {
        return $this->made->once('two-stage', fn (): TwoStageDrawing => TwoStageDrawing::of($this->page));
    }

    public function chain(): ChainDrawing
    {
        return $this->made->once('chain', fn (): ChainDrawing => ChainDrawing::of($this->page));
    }

    public function pedal(): PedalDrawing
    {
        return $this->made->once('pedal', fn (): PedalDrawing => PedalDrawing::of($this->page));
    }

    public function setting(): SettingTable
    {
        return $this->made->once('setting', fn (): SettingTable => SettingTable::of($this->page));
    }

    public function turns(): TurnSteps
    {
        return $this->made->once('turns', fn (): TurnSteps => TurnSteps::of($this->page));
    }

    public function clutch(): ClutchDrawing
    {
        return $this->made->once('clutch', fn (): ClutchDrawing => ClutchDrawing::of($this->page));
    }

    public function bleeding(): BleedSteps
    {
        return $this->made->once('bleeding', fn (): BleedSteps => BleedSteps::of($this->page));
    }

    public function proved(): ProvedTests
    {
        return $this->made->once('proved', fn (): ProvedTests => ProvedTests::of($this->page));
    }

    /** The ratios that were found by moving one end and measuring the other: "fork ratio 1.84"; empty where none was. */
    public function foundRatios(): string
    {
        $found = [];
        foreach (MovedRatio::all($this->page->values()) as $key => $ratio) {
            if (! $this->page->values()->has($key)) {
                $found[] = lcfirst($this->page->sheet->dictionary->get($key)->label).' '.$this->page->display->number($ratio->value, 2);
            }
        }

        return implode(', ', $found);
    }

    /**
     * What was measured together, round by round.
     *
     * @return list<array{values: list<string>, by: string}>
     */
    public function rounds(string ...$fields): array
    {
        return Rounds::of($this->page, array_values($fields));
    }

    /** What a kit carries against what is wanted. */
    public function margin(Assessment $ofKit): MarginBar
    {
        return MarginBar::of($this->page, $ofKit);
    }

    public function marginOf(KitLine $kit): MarginBar
    {
        return MarginBar::ofFigures($this->page, $kit->figures);
    }

    public function torque(ShelfRow $row): TorqueScale
    {
        return TorqueScale::of($this->page, $row);
    }

    /** @param  list<KitInJob>  $kits side by side */
    public function compared(array $kits): CompareDrawing
    {
        return CompareDrawing::of($this->page, $kits);
    }

    /** Nothing where not even its lining is known. */
    public function kit(KitInJob $seen): ?KitDrawing
    {
        return KitDrawing::of($seen->row->values);
    }

    public function clampThroughLife(KitInJob $seen): ?ClampCurve
    {
        return ClampCurve::of($seen->row->values);
    }

    public function plan(JobPlanning $planning): PlanDrawing
    {
        return PlanDrawing::of($planning);
    }

    /** @return list<BranchBar> each disc of a two-stage clutch against its own branch */
    public function branches(): array
    {
        return BranchBar::all($this->page);
    }
}
