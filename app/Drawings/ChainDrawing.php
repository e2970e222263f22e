<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Jobs\AssessedJob;
use App\Jobs\Memo;
use App\Page\FieldForm;
use Spindle\Assessment\Subjects;
use Spindle\Quantity\Length;
use Spindle\Quantity\Ratio;
use Spindle\Release\ChainAtWork;
use Spindle\Release\ChainPosition;
use Spindle\Release\MovedRatio;
use Spindle\Release\Phase;
use Spindle\Release\ReleaseChain;
use Spindle\Release\Transmission;
use Spindle\Sheet\Drawing;
use Spindle\Vehicle\Actuation;

/**
 * Pedal, rod, cylinders or cable, fork, bearing, fingers, plate and disc in one drawing. Levers are drawn in the proportion of their
 * ratios and bores to one scale; strokes at the fork and lifts at the plate are each enlarged, and the drawing says how much. Positions
 * come from the chain; the page only goes from one to the next.
 */
final readonly class ChainDrawing
{
    public const STEPS = ChainAtWork::STEPS;

    /** Where things turn, in pixels: pedal, fork's bearing end, ring of the fingers. */
    public const PEDAL = [690.0, 74.0];

    public const AXIS = 176.0;

    public const FORK_X = 226.0;

    public const RING = [138.0, 74.0];

    private const PAD_ARM = 150.0;

    private const FORK_ARMS = 84.0;

    private const FINGER_ARM = 86.0;

    /** Greatest movements, in pixels: pad, end of the fork, plate. */
    private const PAD = 58.0;

    private const STROKE = 26.0;

    private const LIFT = 14.0;

    /** Less than this at the end of the fork is not drawn, mm. */
    private const SHIFTED = 0.5;

    private const MEMBERS = ['pedal', 'rod', 'slave', 'fork', 'bearing', 'fingers', 'plate', 'disc'];

    /** Members that are drawn a second time, as they would be. */
    private const GHOSTS = ['pedal', 'fork', 'bearing', 'fingers', 'plate'];

    /** A chain to draw while the real one is not known. Nothing is read off it. */
    private const UNKNOWN = ['travel' => 140.0, 'pedal' => 6.0, 'play' => 8.0, 'between' => 0.7, 'fork' => 1.9, 'gap' => 1.5,
        'finger' => 3.8, 'cushion' => 0.6];

    /** @return array<string, string> what is entered on the members themselves, with how each is called there */
    public static function fields(): array
    {
        $dictionary = Subjects::dictionary();
        $keys = $dictionary->drawnOn(Drawing::Chain);

        return array_combine($keys, array_map(static fn (string $key): string => $dictionary->get($key)->nature()->anchor, $keys));
    }

    /** The member a reading stands on, by the class that puts it there. */
    public function classOf(string $reading): string
    {
        return 'on-'.FieldForm::idOf($reading);
    }

    /**
     * @param  list<ChainPosition>  $positions
     * @param  list<string>  $missing  what it does not move without, as one says it
     */
    private function __construct(
        public ReleaseChain $chain,
        public ?Actuation $actuation,
        public array $positions,
        public array $missing,
        private AssessedJob $page,
        private float $stroke,
        private float $lift,
        private ChainAtWork $work,
        private Memo $memo,
    ) {
    }

    public static function of(AssessedJob $page): self
    {
        $work = ChainAtWork::of($page->now());
        $chain = $work->chain ?? self::unknown();
        $positions = $work->chain === null ? $chain->positions(self::STEPS) : $work->positions;
        $last = $positions[self::STEPS];

        return new self(
            $chain, $page->now()->actuation(), $positions,
            array_map(static fn (string $key): string => lcfirst($page->sheet->dictionary->get($key)->label), $work->missing), $page,
            self::STROKE / max(1.0, $last->forkEnd->value), self::LIFT / max(0.3, $last->lift->value), $work, new Memo,
        );
    }

    private static function unknown(): ReleaseChain
    {
        $u = self::UNKNOWN;

        return new ReleaseChain(
            Length::mm($u['travel']), Ratio::of($u['pedal']), Length::mm($u['play']),
            Transmission::mechanical(Ratio::of(1 / $u['between'])),
            Ratio::of($u['fork']), Length::mm($u['gap']), Ratio::of($u['finger']), Length::mm(0.0), Length::mm($u['cushion']), 1,
        );
    }

    public function moves(): bool
    {
        return $this->missing === [];
    }

    public function isHydraulic(): bool
    {
        return $this->actuation?->isHydraulic() ?? true;
    }

    public function isConcentric(): bool
    {
        return $this->actuation === Actuation::Concentric;
    }

    public function isPull(): bool
    {
        return $this->actuation === Actuation::Pull;
    }

    /** Distance of the rod from the pedal's pivot. */
    public function rodArm(): float
    {
        return max(14.0, min(70.0, self::PAD_ARM / $this->chain->pedalRatio->value));
    }

    public function padArm(): float
    {
        return self::PAD_ARM;
    }

    /** From the bearing's end of the fork down to what it turns on. */
    public function forkPivot(): float
    {
        return self::AXIS + self::FORK_ARMS / (1 + $this->chain->forkRatio->value);
    }

    public function forkEnd(): float
    {
        return self::AXIS + self::FORK_ARMS;
    }

    /** Face of the bearing at rest: the clearance away from the fingers. */
    public function bearing(): float
    {
        $gap = $this->isInContact() ? 0.0 : $this->chain->clearance->value;

        return 152.0 + ($this->isPull() ? -1 : 1) * min(20.0, $gap * $this->bearingScale());
    }

    /** By cable or rod the clearance is in the free play; the bearing stands off by what the play comes to. */
    private function isInContact(): bool
    {
        return $this->chain->clearance->value <= 0.0;
    }

    private function bearingScale(): float
    {
        return $this->stroke;
    }

    /**
     * What else could be set, each with where its members stand at the steps of the pedal as it is now; it stops where its own pedal does.
     *
     * @return array<string, array{text: string, moves: array<string, list<float>>}> by what is changed
     */
    public function thens(): array
    {
        return $this->memo->once('thens', function (): array {
            $table = SettingTable::of($this->page);
            $thens = [];
            foreach (array_slice($this->work->options, 1) as $option) {
                if (isset($this->work->then[$option->kind])) {
                    $thens[$option->kind] = ['text' => $table->what($option), 'moves' => array_map(
                        static fn (array $values): array => array_map(static fn (float $v): float => round($v, 1), $values),
                        $this->movementsOf($this->work->then[$option->kind], self::GHOSTS),
                    )];
                }
            }

            return $thens;
        });
    }

    /** How far the end of the fork stands elsewhere than with the old clutch: in pixels, and in words; nothing where it does not. */
    public function shift(): ?float
    {
        $shift = $this->page->assessment->figure('release.fork_end_shift');

        // The bearing goes with the fingers, the other end of the fork against it.
        return is_float($shift) && abs($shift) > self::SHIFTED
            ? max(-30.0, min(30.0, ($this->isPull() ? 1 : -1) * $shift * $this->stroke)) : null;
    }

    public function shiftText(): string
    {
        $shift = $this->page->assessment->figure('release.fork_end_shift');

        return is_float($shift) ? $this->page->display->quantity(Length::mm(abs($shift)), 0.1).' from where it stood' : '';
    }

    /** @return array{float, float} height of a bore, both cylinders to one scale, and half of it */
    public function boreAndHalf(?Length $bore): array
    {
        $height = $bore === null ? 26.0 : max(12.0, min(44.0, $bore->value * 1.3));

        return [$height, $height / 2];
    }

    public function masterBore(): ?Length
    {
        return $this->page->now()->values->one(Length::class, 'release.master_bore');
    }

    public function slaveBore(): ?Length
    {
        return $this->page->now()->values->one(Length::class, 'release.slave_bore');
    }

    /** "strokes × 4, lifts × 10" of a drawing in which the pad's travel is drawn as it is beside its lever. */
    public function scales(): string
    {
        $pad = self::PAD / $this->chain->pedalTravel->value;
        $number = fn (float $times): string => $this->page->display->number($times, $times < 10 ? 1 : 0);

        return 'strokes × '.$number($this->stroke / $pad).', lifts × '.$number($this->lift / $pad);
    }

    /**
     * What the page moves: by member, a value for each step; millimetres of the drawing, or degrees.
     *
     * @return array<string, list<float>>
     */
    public function movements(): array
    {
        return $this->movementsOf($this->positions, self::MEMBERS);
    }

    /** The member a reading stands on, by the class that puts it there. */
    public function placeOf(string $reading): string
    {
        return 'on-'.FieldForm::idOf($reading);
    }

    /**
     * @param  list<ChainPosition>  $positions
     * @param  list<string>  $members
     * @return array<string, list<float>>
     */
    private function movementsOf(array $positions, array $members): array
    {
        $pad = self::PAD / $this->chain->pedalTravel->value;
        $way = $this->isPull() ? -1.0 : 1.0;
        $forkArm = $this->forkEnd() - $this->forkPivot();
        $of = [
            'pedal' => static fn (ChainPosition $p): float => rad2deg($p->pad->value * $pad / self::PAD_ARM),
            // Until the play is taken up the rod rests.
            'rod' => fn (ChainPosition $p): float => ($this->isHydraulic() ? -1 : 1) * $p->rod->value * $pad,
            'slave' => fn (ChainPosition $p): float => ($this->isConcentric() ? -1 : 1) * $p->forkEnd->value * $this->stroke,
            'fork' => fn (ChainPosition $p): float => -$way * rad2deg(atan($p->forkEnd->value * $this->stroke / $forkArm)),
            'bearing' => fn (ChainPosition $p): float => -$way * $p->bearing->value * $this->bearingScale(),
            'fingers' => fn (ChainPosition $p): float => $way * rad2deg(atan($p->fingers->value * $this->stroke / self::FINGER_ARM)),
            'plate' => fn (ChainPosition $p): float => $p->lift->value * $this->lift,
            // A free disc stands in the middle of its air.
            'disc' => fn (ChainPosition $p): float => $p->air->value / 2 * $this->lift,
        ];
        $moves = [];
        foreach ($members as $member) {
            $moves[$member] = array_map(static fn (ChainPosition $p): float => round($of[$member]($p), 2), $positions);
        }

        return $moves;
    }

    /** @return list<array{string, string, string}> for each step its phase, what is read there, and what happens */
    public function captions(): array
    {
        return $this->memo->once('captions', $this->said(...));
    }

    /** @return list<array{string, string, string}> */
    private function said(): array
    {
        $d = $this->page->display;

        return array_map(static fn (ChainPosition $p): array => [$p->phase->value, implode(' · ', [
            'pad '.$d->quantity($p->pad, 1.0), 'bearing '.$d->quantity($p->fingers, 0.1), 'lift '.$d->quantity($p->lift, 0.01),
            'air '.$d->quantity($p->air, 0.01),
        ]), $p->phase->label().'. '.$p->phase->caption()], $this->positions);
    }

    /** Where the drawing stands when it is opened: the disc just free, else at rest. */
    public function opened(): int
    {
        foreach ($this->moves() ? $this->positions : [] as $i => $position) {
            if ($position->phase === Phase::Free) {
                return $i;
            }
        }

        return 0;
    }

    /** "6 : 1", or what is not measured. */
    public function ratio(string $key): string
    {
        $ratio = MovedRatio::of($this->page->now()->values, $key);

        return $ratio === null
            ? '? : 1' : $this->page->display->number($ratio->value, $ratio->value === round($ratio->value) ? 0 : 1).' : 1';
    }

    /** "Ø 20.64 mm". */
    public function diameter(?Length $bore): string
    {
        return $bore === null ? 'Ø ?' : 'Ø '.$this->page->display->quantity($bore, 0.01);
    }
}
