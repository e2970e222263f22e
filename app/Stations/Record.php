<?php

declare(strict_types=1);

namespace App\Stations;

use App\Changes\Agreement;
use App\Changes\LetPass;
use App\Files\JobFile;
use App\Files\SvgFile;
use App\Jobs\AssessedJob;
use App\Jobs\SecondLook;
use App\Models\Photo;
use App\Models\User;
use App\Models\Waiver;
use App\Page\Entries;
use App\Page\PartHead;
use App\Page\TellTale;
use App\Sheets\SheetBuilder;
use Illuminate\Http\Request;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Proving\ProvingFields;
use Spindle\Record\RecordSubject;
use Spindle\Sheet\Station;

/** Record: what is open, who may let it pass, and what goes out. */
final readonly class Record
{
    /** So many that are open show their reason at once; of more each is opened where somebody wants it. */
    private const FEW = 4;

    /** So many are read at once; of more each station is a line that says how many it has. */
    private const READ_AT_ONCE = 10;

    /**
     * @param  bool  $hasSecondLook  the shop has a second one look a job over
     * @param  bool  $isOwnLook  the reader looked it over, and so does not sign
     * @param  string  $closedBecause  why it is closed without being signed; empty where nobody said so
     * @param  bool  $isClosed  it is: the reason says something
     */
    private function __construct(
        private Entries $entries,
        private AssessedJob $page,
        private User $reader,
        public bool $hasSecondLook,
        public bool $isOwnLook,
        public string $closedBecause,
        public bool $isClosed,
    ) {
    }

    public static function of(Entries $entries, Request $request): self
    {
        $reader = $request->user();
        assert($reader instanceof User);

        return new self(
            $entries, $entries->job, $reader, SecondLook::isWanted(),
            ! $entries->job->job->isSigned() && SecondLook::isBy($entries->job->current, $reader),
            $entries->typed(RecordSubject::CLOSED, 0), RecordSubject::isClosed($entries->job->values()),
        );
    }

    public function isFew(): bool
    {
        return count($this->page->signOff->blockers) <= self::FEW;
    }

    /** @return list<array{at: Station, open: list<Finding>}> what is open, by the station where it is put right, in their order */
    public function open(): array
    {
        $by = [];
        foreach ($this->page->signOff->blockers as $finding) {
            $by[(new TellTale)->stationToEnter($finding)->value][] = $finding;
        }

        return array_map(
            static fn (Station $at): array => ['at' => $at, 'open' => $by[$at->value] ?? []],
            array_values(array_filter(Station::cases(), static fn (Station $at): bool => isset($by[$at->value]))),
        );
    }

    /** @return list<Finding> what is open at a station */
    public function openAt(Station $station): array
    {
        return array_merge(...array_column(array_filter($this->open(), static fn (array $one): bool => $one['at'] === $station), 'open'));
    }

    /** The line of a station, and what of it is fetched when it is opened. */
    public function fold(Station $station): string
    {
        return Fold::OPEN.$station->value;
    }

    /** @param  list<Finding>  $open */
    public function isShown(Station $at, array $open): bool
    {
        return $at === Station::Record || count($this->page->signOff->blockers) <= self::READ_AT_ONCE
            || Fold::isOpen($this->entries, Fold::OPEN.$at->value)
            || array_filter($open, fn (Finding $f): bool => $this->asked($f) !== null || old('finding') === $f->id) !== [];
    }

    /** @param  list<Finding>  $open */
    public function head(Station $at, array $open): PartHead
    {
        $counts = array_count_values(array_map(static fn (Finding $f): string => $f->verdict->label(), $open));

        return PartHead::said(
            Verdict::worst(...array_map(static fn (Finding $f): Verdict => $f->verdict, $open)), $at->label(),
            implode(', ', array_map(static fn (string $label, int $count): string => "{$count} {$label}", array_keys($counts), $counts)),
        );
    }

    /** What no assessment judges is not let pass by a reason; where it leads, the reason is asked. */
    public function canPass(Finding $finding): bool
    {
        return $this->page->assessment->find($finding->id) !== null;
    }

    public function asked(Finding $finding): ?Waiver
    {
        return $this->page->letThrough->asked($finding->id);
    }

    public function mayAlone(Finding $finding): bool
    {
        return LetPass::mayAlone($this->reader, $finding->verdict);
    }

    /** What the reader may agree to; nothing where somebody else has to. */
    public function agreement(Waiver $asked): ?Agreement
    {
        return LetPass::mayAgree($this->reader, $asked) ? Agreement::on($this->page, $asked) : null;
    }

    /** Whether there is more than one thing that one reason could let pass. */
    public function hasSeveral(): bool
    {
        return count($this->page->signOff->waivable($this->page->assessment)) > 1;
    }

    /** @return array<string, Waiver> by finding */
    public function waivers(): array
    {
        return $this->page->sheet->waivers === [] ? [] : SheetBuilder::waivers($this->page->job);
    }

    /** @return array<JobFile> what goes out of it; of a calendar only where a day is known that it can hold */
    public function files(): array
    {
        $hasDay = $this->page->values()->has('promised_on') || $this->page->values()->has(ProvingFields::RECHECK_ON);

        return array_filter(JobFile::cases(), static fn (JobFile $file): bool => $file !== JobFile::Due || $hasDay);
    }

    /** How a photo is named where it is chosen. */
    public function photoName(Photo $photo): string
    {
        return substr($photo->sha256, 0, 12);
    }

    /** Whether it was chosen for the printed sheet. */
    public function isOnSheet(Photo $photo): bool
    {
        return in_array($this->photoName($photo), RecordSubject::chosen($this->page->current->typed(RecordSubject::PHOTOS)), true);
    }

    /** @return list<string> drawings that go out as files of their own */
    public function drawings(): array
    {
        return SvgFile::NAMES;
    }
}
