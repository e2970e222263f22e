<?php

declare(strict_types=1);

namespace Spindle\Practice;

use Spindle\Assessment\Assessment;
use Spindle\Assessment\StripPart;
use Spindle\Assessment\Subjects;
use Spindle\Fastening\BoltGroup;
use Spindle\Hydraulics\BleedProof;
use Spindle\Quantity\Length;
use Spindle\Sheet\AsLeft;
use Spindle\Sheet\Document;
use Spindle\Sheet\Field;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Kind;
use Spindle\Sheet\Origin;
use Spindle\Sheet\Whose;
use Spindle\Triage\Cause;
use Spindle\Triage\Outcome;
use Spindle\Triage\Reach;
use Spindle\Triage\Tests;

/**
 * What a practice vehicle answers when something of it is read at the stations, as the job stands: the old clutch by its fault, what was
 * fitted by the kit that was chosen, the proof by what is still wrong. Sizes come within the doubt of their instrument.
 */
final class Answers
{
    /** What a test of the proof shows of a fault that is still there. */
    private const SHOWN_BY = [
        'prove.leaks' => ['t_leak', 'fluid_low'],
        'prove.feel' => ['spongy', 'sinks', 'soft_odd', 'heavy', 'notchy', 'pedal_stays'],
        'prove.take_up' => ['bites_low', 'bites_high', 'no_free_play', 'much_free_play', 'window', 'pumping_helps'],
        'prove.selection' => ['reverse_grinds', 't_reverse', 'hard_running', 'stuck_storage', 'stuck_hot'],
        'prove.creep' => ['creeps', 'striking_frees'],
        'prove.judder' => ['judder', 'grabs', 'jerky', 'noise_down', 'whine_down', 'vibration'],
        'prove.slip' => ['slip_load', 'slip_high_gear', 'slip_hot', 'no_drive', 't_slip'],
        'prove.truck' => ['first_from_rest', 't_brake'],
        'prove.two_stage' => ['branch_wont_stop', 't_levers'],
    ];

    private const TEST = 'triage.';

    private const KIT = 'kit.';

    /** What the free play shows in. */
    private const FOLLOWS = [PedalSetting::PLAY, 'release.play_after', 'release.air_gap_measured', 'prove.take_up.height'];

    private const FORCE = 'release.pedal_force_measured';

    /** Of what it takes, where something makes it heavy. From memory [M]. */
    private const HEAVY = 1.5;

    private const FLYWHEEL_BOLTS = 'fastening.flywheel.';

    private readonly PedalSetting $setting;

    private readonly JobSheet $foundSheet;

    private readonly JobSheet $leftSheet;

    /** @var list<Cause>|null */
    private ?array $stillWrong = null;

    private function __construct(
        private readonly Hidden $hidden, private readonly JobSheet $now, private readonly Document $found, private readonly Document $left,
    ) {
        $this->setting = PedalSetting::of($hidden, $now, $left, $this->isFitted());
        $this->foundSheet = JobSheet::of($found, Subjects::dictionary());
        $this->leftSheet = JobSheet::of($left, Subjects::dictionary());
    }

    /** @param  JobSheet  $now  the job as it stands */
    public static function of(Hidden $hidden, JobSheet $now): self
    {
        $whole = Builds::whole($hidden->build);

        return new self($hidden, $now, Builds::written(WholeWork::with($whole, $hidden->document)), Builds::written($whole));
    }

    /** Whether a field is one that is read off the vehicle; the rest somebody decides, does or looks up. */
    public static function isRead(Field $field): bool
    {
        return ($field->nature()->origin === Origin::Measured && BoltGroup::ofRound($field->key) === null)
            || self::testOf($field) !== null || self::isLookedUp($field);
    }

    /** A figure of the maker that is wanted only where the flywheel comes off; that it does stands in no papers. */
    public static function isLookedUp(Field $field): bool
    {
        return str_starts_with($field->key, self::FLYWHEEL_BOLTS) && $field->nature()->origin === Origin::Makers;
    }

    /** What it answers, and what that costs. */
    public function to(Field $field, bool $isHurried = false): Answer
    {
        $test = self::testOf($field);
        if ($test !== null) {
            return Answer::read([$this->hidden->test($test) ? 'positive' : 'negative'], (float) Tests::all()[$test]->minutes);
        }
        $why = $this->whyNot($field);
        if ($why !== '') {
            return Answer::none($why);
        }
        $typed = $this->typed($field);
        if ($typed === []) {
            return Answer::none(PracticeSentences::nothingToRead());
        }
        $minutes = $field->nature()->minutes;
        // At one place it takes as long as one does.
        $isOne = $isHurried && count($typed) > 1;

        return Answer::read($isOne ? array_slice($typed, 0, 1) : $typed, $isOne ? $minutes / count($typed) : $minutes);
    }

    /** Why it cannot be read as things stand; empty where it can. */
    private function whyNot(Field $field): string
    {
        $isStrip = $this->now->values->word('triage.kind') === Outcome::Strip->value;

        return match (true) {
            ! self::isRead($field) => PracticeSentences::notRead(),
            $field->nature()->isOnlyOpen && ! $isStrip => PracticeSentences::gearboxIsOn(),
            str_starts_with($field->key, AsLeft::PREFIX) && ! $this->isMended($field) => PracticeSentences::nothingMended(),
            $this->isOfTheKit($field) && ! Reach::hasKit($this->now) => PracticeSentences::noKitYet(),
            $isStrip && $this->isProved($field) && ! $this->isGearboxBack() => PracticeSentences::gearboxIsOff(),
            default => '',
        };
    }

    private function isOfTheKit(Field $field): bool
    {
        return $field->nature()->whose === Whose::FittedClutch || ($field->firstWord() === 'bench' && ! str_ends_with($field->key, '_old'));
    }

    private function isProved(Field $field): bool
    {
        return $field->firstWord() === 'prove';
    }

    /** What is read again of a part that was kept wants work on the part; what is set can be set at any time. */
    private function isMended(Field $field): bool
    {
        $part = StripPart::tryFrom(Subjects::dictionary()->get(substr($field->key, strlen(AsLeft::PREFIX)))->firstWord());

        return $part === null || PutRight::isDone(Work::on($part), $this->hidden, $this->now);
    }

    /** @return list<string> as somebody types it, place by place */
    private function typed(Field $field): array
    {
        if ($this->isProved($field) && str_ends_with($field->key, '.result')) {
            return [$this->fails(substr($field->key, 0, -strlen('.result'))) ? 'fail' : 'pass'];
        }
        if (str_ends_with($field->key, self::FORCE) && ! $this->leftSheet->values->has(self::FORCE)) {
            return $this->force();
        }
        if ($field->key === 'hydraulics.proof') {
            return [$this->now->values->has('hydraulics.steps_done') ? BleedProof::Firm->value : BleedProof::Soft->value];
        }
        $set = $this->asSet($field);
        if ($set !== null) {
            return $set;
        }
        if ($field->key === 'bench.slides') {
            return [KitsAtHand::slides($this->hidden, $this->chosen()) ? 'yes' : 'no'];
        }
        $isLeft = str_starts_with($field->key, AsLeft::PREFIX);
        $of = $isLeft ? Subjects::dictionary()->get(substr($field->key, strlen(AsLeft::PREFIX))) : $field;
        $real = $this->realOf($of);
        if ($real !== null) {
            return Reader::within($this->hidden->seed, $this->now, $of, self::written($of, $real));
        }
        [$document, $truth] = $isLeft || $this->isOfTheKit($of) || ($of->nature()->isSet && $this->isFitted())
            ? [$this->left, $this->leftSheet] : [$this->found, $this->foundSheet];

        return Reader::within($this->hidden->seed, $truth, $of, self::written($of, $document->get($of->path())));
    }

    /**
     * What is read of a setting: what was turned shows in the free play, and in what follows from it.
     *
     * @return list<string>|null nothing where it does not depend on what was turned
     */
    private function asSet(Field $field): ?array
    {
        $setting = $this->setting;
        $isLeft = str_starts_with($field->key, AsLeft::PREFIX);
        $key = $isLeft ? substr($field->key, strlen(AsLeft::PREFIX)) : $field->key;
        if (! $setting->isTurned() || ! in_array($key, self::FOLLOWS, true)) {
            return null;
        }
        $play = $isLeft ? $setting->now() : $setting->found();
        $right = array_map(
            static fn (string $mm): Length => Length::mm((float) $mm),
            self::written($field, $this->left->get(Subjects::dictionary()->get($key)->path())),
        );

        return array_map(static fn (Length $l): string => "{$l->as('mm')} mm", match ($key) {
            PedalSetting::PLAY => $play === null ? [] : [$play],
            'release.play_after' => $setting->afterEach(),
            default => array_map(static fn (Length $l): Length => $setting->shifted($l, $key), $right),
        });
    }

    /** What the kit that was chosen really measures there; nothing where a list says nothing of it. */
    private function realOf(Field $field): mixed
    {
        $ofList = $field->nature()->insteadOf;
        $figure = str_starts_with($ofList, self::KIT) ? substr($ofList, strlen(self::KIT)) : '';

        return $figure === '' ? null : KitsAtHand::real($this->hidden, $this->chosen())[$figure] ?? null;
    }

    /** The number of the kit that was chosen; empty while none is. */
    private function chosen(): string
    {
        return $this->now->values->word('kit.number') ?? '';
    }

    private function isGearboxBack(): bool
    {
        return $this->now->values->word('fit.gearbox') === 'done';
    }

    private function isFitted(): bool
    {
        return Reach::hasKit($this->now) && $this->isGearboxBack();
    }

    /** Whether a test of the proof shows that something is still wrong. */
    private function fails(string $proof): bool
    {
        $left = $this->stillWrong();
        $setting = $this->setting;
        $isMisset = match ($proof) {
            'prove.creep', 'prove.selection' => $setting->drags(),
            'prove.take_up' => ! $setting->isRight(),
            'prove.slip' => ($setting->isTurned() && $setting->now()?->value === 0.0) || $this->carriesTooLittle(),
            default => false,
        };

        return $isMisset || $left !== [] && array_filter(
            self::SHOWN_BY[$proof] ?? [], fn (string $evidence): bool => $this->hidden->comes($evidence, $left),
        ) !== [];
    }

    /**
     * What the pedal takes, by the chain; more where a fault that is still there makes it heavy.
     *
     * @return list<string>
     */
    private function force(): array
    {
        $newton = Assessment::of($this->leftSheet)->figures['release.pedal_force']->value ?? null;
        $heavy = $this->stillWrong() !== [] && $this->hidden->comes('heavy', $this->stillWrong()) ? self::HEAVY : 1.0;

        return is_numeric($newton) ? [Size::written(round($newton * $heavy), 'N')] : [];
    }

    /** Whether the kit that was put in carries less than the engine gives. */
    private function carriesTooLittle(): bool
    {
        $margin = $this->isFitted() ? Assessment::of($this->now)->figures['capacity.margin']->value ?? null : null;

        return is_numeric($margin) && $margin < 1.0;
    }

    /** @return list<Cause> */
    public function stillWrong(): array
    {
        return $this->stillWrong ??= PutRight::leaves($this->hidden, $this->now);
    }

    /** @return list<string> */
    private static function written(Field $field, mixed $given): array
    {
        $one = static fn (mixed $v): string => match (true) {
            is_bool($v) => $v ? 'yes' : 'no',
            is_scalar($v) => (string) $v,
            default => '',
        };

        return match (true) {
            $given === null => [],
            is_array($given) && $field->kind === Kind::Words => [implode(',', array_map($one, $given))],
            default => array_values(array_map($one, (array) $given)),
        };
    }

    /** The test from outside that a field asks for the outcome of. */
    private static function testOf(Field $field): ?string
    {
        $id = str_starts_with($field->key, self::TEST) ? substr($field->key, strlen(self::TEST)) : '';

        return isset(Tests::all()[$id]) ? $id : null;
    }
}
