<?php

declare(strict_types=1);

namespace App\Stations;

use App\Drawings\Chance;
use App\Jobs\AssessedJob;
use App\Jobs\Memo;
use App\Models\Reading;
use App\Page\Entries;
use App\Page\FieldsNow;
use App\Page\PartHead;
use Illuminate\Http\Request;
use Spindle\Assessment\FailureReason;
use Spindle\Assessment\StripPart;
use Spindle\Assessment\Subjects;
use Spindle\Inspection\Condition;
use Spindle\Inspection\Flywheel\FaceDial;
use Spindle\Inspection\Flywheel\FlywheelFields;
use Spindle\Inspection\WhileOpen\WhileOpenFields;
use Spindle\Sheet\FaceMark;
use Spindle\Sheet\Place;
use Spindle\Sheet\Whose;
use Spindle\Triage\TriageFields;

/** Strip: the parts of the open clutch, each in a line, those worked on open. */
final readonly class Strip
{
    /** Readings that a kit must meet, by the first word of their names. */
    private const SIZES = 'match';

    /** Readings of a part that stand in its card; what is neither needed nor entered of them is one line. */
    private const CARD = [
        'disc' => ['disc.oil', 'disc.material', 'disc.lining_outer', 'disc.lining_inner'],
        'cover' => ['cover.flatness', 'cover.marked', 'cover.finger_wear', 'cover.clamp_load', 'cover.clamp_load_new',
            'cover.spring_lengths'],
        'two_stage' => ['two_stage.travel_total', 'two_stage.travel_to_first', 'two_stage.air_gap_travel', 'two_stage.air_gap_take_off'],
        'flywheel' => ['flywheel.free_play', 'flywheel.rock', 'flywheel.machined', 'flywheel.crack_depth', 'flywheel.scoring_depth',
            'flywheel.pot_depth', 'flywheel.pot_depth_wanted', 'flywheel.mounting_cut', 'flywheel.bolt_torque', 'flywheel.school'],
    ];

    /** Parts whose face is drawn around the clock, with what is read there beside its marks. */
    private const FACES = ['cover', 'flywheel'];

    /**
     * @param  list<StripPart>  $parts  those this vehicle has
     * @param  Sections  $sections  what stands below them
     */
    private function __construct(
        public array $parts,
        public Sections $sections,
        private AssessedJob $page,
        private Entries $entries,
        private ?StripPart $asked,
        private Memo $memo,
    ) {
    }

    public static function of(Entries $entries, Request $request): self
    {
        $parts = StripPart::on($entries->job->sheet);
        // A fold within a part bears its name.
        $asked = StripPart::tryFrom($request->string('part')->toString())
            ?? StripPart::tryFrom(explode('-', $request->string('fold')->toString(), 2)[1] ?? '');

        return new self($parts, self::below($entries, $parts), $entries->job, $entries, $asked, new Memo);
    }

    /**
     * What stands below the parts. None of it stands open by itself while a part is still to be looked at.
     *
     * @param  list<StripPart>  $parts
     */
    private static function below(Entries $entries, array $parts): Sections
    {
        $sections = Sections::of(
            $entries,
            new Section(
                'sizes', 'What a new kit must meet', 'strip.sizes', Subjects::dictionary()->namesOf(self::SIZES),
                'sizes off the old parts and the vehicle',
            ),
            new Section(
                'why', 'Why the old clutch failed', 'strip.conclusion', [TriageFields::CAUSES, TriageFields::WORDS],
                'what the parts show, against what triage suspected',
            ),
            new Section(
                'open', 'Replace it while it is open?', 'strip.open', Subjects::dictionary()->namesOf('open'),
                'price now against the chance of coming back',
            ),
        );

        return $sections->startingAt(self::firstUnseen($entries, $parts) === null ? $sections->next()->name ?? '' : '');
    }

    /** Whether a part stands open: where an entry was refused, the one asked for, else where work goes on. */
    public function isOpen(StripPart $part): bool
    {
        return in_array($part, $this->memo->once('open', $this->open(...)), true);
    }

    /** @return list<StripPart> */
    private function open(): array
    {
        $refused = array_filter($this->parts, fn (StripPart $part): bool => $this->entries->hasRefusalIn("{$part->value}."));
        $asked = array_filter($this->parts, fn (StripPart $part): bool => $part === $this->asked);
        $isElsewhere = array_filter($this->sections->all, $this->sections->isOpen(...)) !== [];
        $next = $isElsewhere ? null : self::firstUnseen($this->entries, $this->parts) ?? $this->parts[0];

        return array_values(match (true) {
            $refused !== [] => $refused,
            $asked !== [] => $asked,
            default => array_filter([$next]),
        });
    }

    /** @param  list<StripPart>  $parts */
    private static function firstUnseen(Entries $entries, array $parts): ?StripPart
    {
        foreach ($parts as $part) {
            if (! $part->isLookedAt($entries->job->sheet)) {
                return $part;
            }
        }

        return null;
    }

    public function head(StripPart $part): PartHead
    {
        return $this->memo->once("head {$part->value}", fn (): PartHead => PartHead::of($this->page, $part));
    }

    /** @return list<string> what nothing tells any more once the old clutch is off, while it is still on and not read */
    public function beforeOff(): array
    {
        $isOff = array_filter(
            $this->parts, fn (StripPart $part): bool => $part->isReplacedByKit() && $part->isLookedAt($this->page->sheet),
        );

        return $isOff !== [] || $this->showsSizes() || $this->page->job->isSigned() ? [] : array_values(array_filter(
            $this->sizesAsked(),
            function (string $key): bool {
                $nature = Subjects::dictionary()->get($key)->nature();

                return $nature->whose === Whose::OldClutch && $nature->place === Place::OpenedHousing
                    && ! $this->page->sheet->values->has($key);
            },
        ));
    }

    /** @return array<string, list<string>> what a kit must meet, by where it is read, in the order in which one gets there */
    public function sizes(): array
    {
        $by = array_fill_keys(array_map(static fn (Place $p): string => $p->label(), Place::cases()), []);
        foreach ($this->sizesAsked() as $key) {
            $by[Subjects::dictionary()->get($key)->nature()->place->label()][] = $key;
        }

        return array_filter($by);
    }

    private function showsSizes(): bool
    {
        $sizes = $this->sections->named('sizes');

        return $sizes !== null && $this->sections->isOpen($sizes);
    }

    /** @return list<string> */
    private function sizesAsked(): array
    {
        return array_values(array_filter(Subjects::dictionary()->namesOf(self::SIZES), $this->entries->asks(...)));
    }

    /** The card of a part. */
    public function card(string $part): FieldsNow
    {
        return $this->memo->once("card {$part}", fn (): FieldsNow => FieldsNow::of($this->entries, $part, self::CARD[$part]));
    }

    /** @return list<FieldsNow> the cards of all parts */
    public function more(): array
    {
        return array_map($this->card(...), array_keys(self::CARD));
    }

    public static function hasFace(string $part): bool
    {
        return in_array($part, self::FACES, true);
    }

    /** Whether the face of a part is drawn: something of it is entered, was refused or is still needed. */
    public function isFaceOpen(string $part): bool
    {
        $onFace = array_filter($this->onFace($part), fn (string $key): bool => $this->entries->job->isNeeded($key)
            || $this->page->current->filled($key) !== []);

        return $onFace !== [] || Fold::isOpen($this->entries, Fold::FACE.$part, ...$this->onFace($part));
    }

    /** @return list<string> what is read around the face of a part */
    public function onFace(string $part): array
    {
        return ["{$part}.marks", ...($part === 'flywheel' ? array_values($this->dial()) : [])];
    }

    /** Whether a part has to be looked at and was not; of a signed job nobody looks any more. */
    public function isUnseen(StripPart $part): bool
    {
        return ! $this->page->job->isSigned() && $this->page->isNeeded("{$part->value}.conditions");
    }

    /** The word of "looked, nothing found". */
    public function nothingFound(): string
    {
        return Condition::NONE;
    }

    /** @return array<string, string> kinds of mark on a face, in words */
    public function kindsOfMark(): array
    {
        return FaceMark::kinds();
    }

    /** @return array<int, FaceMark> marks on the face of a part, by place */
    public function marks(string $part): array
    {
        return array_map(static fn (Reading $row): FaceMark => FaceMark::read($row->typed), $this->page->current->filled("{$part}.marks"));
    }

    /** @return array<string, string> readings of the dial around the face of the flywheel, by clock */
    public function dial(): array
    {
        return array_combine(FaceDial::CLOCK, FlywheelFields::dialKeys());
    }

    /** @return list<string> parts that may be replaced while it is open, as far as they are asked for */
    public function whileOpen(): array
    {
        return array_values(array_filter(
            array_keys(WhileOpenFields::parts()), fn (string $part): bool => $this->entries->asks("open.{$part}_state"),
        ));
    }

    /** How a reading of either disc is called where the disc is named above it. */
    public function ofDisc(string $name): string
    {
        return $this->page->sheet->dictionary->get("disc.{$name}")->label;
    }

    /** What triage gave a cause; empty where it gave nothing. */
    public function chance(FailureReason $reason): string
    {
        return $reason->chance === null ? '' : Chance::said($reason->chance, $this->page->display);
    }

    /** @return list<string> causes that the parts suggest, each to be confirmed with one tick */
    public function suggested(): array
    {
        return array_values(array_map(
            static fn (FailureReason $reason): string => $reason->cause->id,
            array_filter($this->page->why(), static fn (FailureReason $reason): bool => $reason->isShown()),
        ));
    }
}
