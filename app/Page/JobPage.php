<?php

declare(strict_types=1);

namespace App\Page;

use App\Limits\LimitsBook;
use App\Limits\ModelBook;
use App\Models\Job;
use App\Models\Note;
use App\Models\Photo;
use App\Models\Reading;
use App\Models\Waiver;
use App\Readings\CurrentReadings;
use App\Readings\EntryOutcome;
use App\Sheets\SheetBuilder;
use Illuminate\Support\Collection;
use Spindle\Assessment\Assessment;
use Spindle\Assessment\FailureReason;
use Spindle\Assessment\SignOff;
use Spindle\Assessment\StripPart;
use Spindle\Assessment\Subjects;
use Spindle\Assessment\WhyItFailed;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Quantity\Length;
use Spindle\Quantity\Unit;
use Spindle\Quantity\UnitSystem;
use Spindle\Sheet\Document;
use Spindle\Sheet\Field;
use Spindle\Sheet\FieldReader;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Kind;
use Spindle\Sheet\SheetError;
use Spindle\Sheet\Station;
use Spindle\Triage\Reach;

/** One job as a page shows it: what was entered, what it comes to, what is open. */
final readonly class JobPage
{
    /** One to type in and one for Enter to go on to. */
    private const FREE_PLACES = 2;

    private const UNCHECKED = 'maker’s figures nobody has checked';

    /**
     * @param  list<string>  $unmeasured  what is needed and not there
     * @param  Collection<int, Note>  $additions  to the record of a signed job, of later
     * @param  array<string, EntryOutcome>  $outcomes  of the entries just sent, by field and place
     */
    private function __construct(
        public Job $job,
        public Document $document,
        public CurrentReadings $current,
        public JobSheet $sheet,
        public Assessment $assessment,
        public SignOff $signOff,
        public Display $display,
        private array $unmeasured,
        public InstrumentMemory $instruments,
        public JobLinks $links,
        private PageMemo $memo,
        public Collection $additions,
        private array $outcomes = [],
        private ?Station $at = null,
    ) {
    }

    /** @throws JobCannotBeShown when what is stored cannot be read or worked out any more */
    public static function of(Job $job): self
    {
        try {
            return self::read($job);
        } catch (\Throwable $e) {
            throw JobCannotBeShown::because($job, $e);
        }
    }

    /**
     * A signed job is read from the file that was signed and from nothing else.
     *
     * @throws SheetError when what is stored is not a possible job sheet
     */
    public static function read(Job $job): self
    {
        if ($job->signedSheet === null) {
            $current = new CurrentReadings($job->readings);
            [$document, $kept] = [SheetBuilder::document($job, $current), $job];
        } else {
            $document = Document::ofJson($job->signedSheet->json);
            $kept = SignedJob::of($job, $document);
            $current = new CurrentReadings($kept->readings);
        }
        $sheet = JobSheet::of($document, Subjects::dictionary());
        $display = new Display($sheet->units, ReaderLocale::decimalSign());
        $assessment = Assessment::of($sheet, $display);
        $memo = new PageMemo;
        $memo->once(self::UNCHECKED, static fn (): array => $job->signedSheet === null ? ModelBook::uncheckedOn($current) : []);

        return new self(
            $kept, $document, $current, $sheet, $assessment,
            SignOff::of($assessment->findings, self::hasKit($sheet)),
            $display, $assessment->unmeasured(), new InstrumentMemory, new JobLinks($job), $memo,
            $job->signedSheet === null ? new Collection : SignedJob::additions($job),
        );
    }

    /** @param  list<EntryOutcome>  $outcomes */
    public function after(array $outcomes): self
    {
        $named = [];
        foreach ($outcomes as $outcome) {
            $named["{$outcome->field}|{$outcome->position}"] = $outcome;
        }

        return $this->with($named, $this->at);
    }

    /** Whether the file of a signed job is no longer the one that was signed. */
    public function isAltered(): bool
    {
        return $this->job->signedSheet?->isWhole() === false;
    }

    /** Whether something on this job is only stated by a file that was taken in. */
    public function statesElsewhere(): bool
    {
        return $this->job->taken_in_at !== null && ($this->job->signedSheet?->elsewhere === true
            || $this->job->holds(stated: true) || $this->job->kitChoice?->stated === true);
    }

    /** What was let pass, in words: what is judged under that name now, else the name itself as the limits have it. */
    public function inWords(string $finding): string
    {
        return rtrim($this->assessment->find($finding)->message ?? LimitsBook::nameOf($finding), '.');
    }

    /** Who let a finding pass, said before the reason: " by Bram Oakes". */
    public function waivedBy(string $finding): string
    {
        $waiver = SheetBuilder::waivers($this->job)[$finding] ?? null;

        return $waiver === null ? '' : ' by '.$waiver->author().($waiver->seconded_by === '' ? '' : ", agreed by {$waiver->seconded_by}");
    }

    /** What somebody asked to let pass, while nobody has agreed or taken it back. */
    public function askedToPass(string $finding): ?Waiver
    {
        $last = $this->job->waivers->last(static fn (Waiver $w): bool => $w->finding === $finding);

        return $last?->asked === true ? $last : null;
    }

    /** Why a waiver lets nothing pass any more, where readings taken since have settled it; empty where it still does. */
    public function settled(Waiver $waiver): string
    {
        return match ($this->assessment->find($waiver->finding)?->verdict) {
            null, Verdict::NotApplicable => 'no longer asked on this job',
            Verdict::Within => 'no longer needed: it is within now',
            Verdict::Out => $waiver->reach === Verdict::Out->value ? ''
                : "given for what was {$waiver->reach}: it is out now and does not pass",
            Verdict::Unmeasured => $waiver->reach === Verdict::Near->value ? 'given for what was near: it is unmeasured now' : '',
            Verdict::Near => '',
        };
    }

    /** The same job seen from a station: entries made there are answered there, whichever station asks for them first. */
    public function at(Station $station): self
    {
        return $this->with($this->outcomes, $station);
    }

    /** Whether a field holds a maker's figure that the lead has not confirmed yet; of a signed job its file tells nothing of that. */
    public function isUnchecked(string $key): bool
    {
        /** @var list<string> $unchecked */
        $unchecked = $this->memo->once(self::UNCHECKED, static fn (): array => []);

        return in_array($key, $unchecked, true);
    }

    /** @param  array<string, EntryOutcome>  $outcomes  by field and place */
    private function with(array $outcomes, ?Station $at): self
    {
        return new self(
            $this->job,
            $this->document,
            $this->current,
            $this->sheet,
            $this->assessment,
            $this->signOff,
            $this->display,
            $this->unmeasured,
            $this->instruments,
            $this->links,
            $this->memo,
            $this->additions,
            $outcomes,
            $at,
        );
    }

    public function stationFor(Field $field): Station
    {
        return $this->at ?? $field->station;
    }

    /** Whether a field is shown: the vehicle can have it, or something was entered in it all the same. */
    public function asks(string $key): bool
    {
        return Subjects::dictionary()->isAsked($key, $this->sheet) || $this->current->filled($key) !== [];
    }

    /** Whether any of these fields is shown, so that a heading above them is wanted. */
    public function asksAny(string ...$keys): bool
    {
        return array_filter($keys, $this->asks(...)) !== [];
    }

    /** @return list<string> fields of the page's form that this vehicle cannot have */
    public function notAsked(Station $station): array
    {
        return array_values(array_filter(
            array_map(static fn (Field $f): string => $f->key, Subjects::dictionary()->at($station)),
            fn (string $key): bool => ! $this->asks($key),
        ));
    }

    /** Why an entry in this field was just refused, whichever place it was for; empty where none was. */
    public function refusalIn(string $key): string
    {
        foreach ($this->outcomes as $outcome) {
            if ($outcome->field === $key && $outcome->refusal !== '') {
                return $outcome->refusal;
            }
        }

        return '';
    }

    /** Whether an entry was just refused in a field whose name begins so. */
    public function hasRefusalIn(string $start): bool
    {
        return array_filter($this->outcomes, static fn (EntryOutcome $o): bool => ! $o->isKept() && str_starts_with($o->field, $start)) !==
            [];
    }

    /** @return list<string> what was just typed of a mark that was refused: what, clock position, distance from the centre */
    public function refusedMark(string $part): array
    {
        foreach ($this->outcomes as $outcome) {
            if ($outcome->field === "{$part}.marks" && $outcome->refusal !== '') {
                return explode(' ', $outcome->typed, 3);
            }
        }

        return [];
    }

    /** @return Collection<int, Photo> */
    public function photosOf(StripPart $part): Collection
    {
        return $this->job->photos->where('part', $part->value);
    }

    /** @return Collection<int, Photo> those of a station that show no part of the open clutch */
    public function photosAt(Station $station): Collection
    {
        return $this->job->photos->where('station', $station->value)->whereNull('part');
    }

    public function values(): FieldValues
    {
        return $this->sheet->values;
    }

    public function units(): UnitSystem
    {
        return UnitSystem::from($this->job->units);
    }

    public function unit(Field $field): ?Unit
    {
        return $field->defaultUnit($this->units());
    }

    public function outcome(string $field, int $position): ?EntryOutcome
    {
        return $this->outcomes["{$field}|{$position}"] ?? null;
    }

    /** What stands in a field: what was just typed while it is refused or contested, else what counts. */
    public function typed(string $field, int $position = 0): string
    {
        $outcome = $this->outcome($field, $position);

        return $outcome !== null && ! $outcome->isKept() ? $outcome->typed : $this->current->typed($field, $position);
    }

    public function row(string $field, int $position = 0): ?Reading
    {
        return $this->current->row($field, $position);
    }

    /** A reading in the other system of units, for display beside the field. */
    public function inOtherUnit(Field $field, int $position): string
    {
        $row = $this->row($field->key, $position);
        if ($row === null || $row->typed === '' || $field->dimension === null || $field->kind === Kind::Curve) {
            return '';
        }
        try {
            $entry = FieldReader::entry($field, $row->is_number ? json_decode($row->typed) : $row->written(), $field->key);
            $other = $this->display->otherUnit($entry);
            // Of a number that can be read two ways it is shown how it was taken.
            $taken = preg_match('/^\D*\d{1,3}[.,]\d{3}(?!\d)(?![.,])/', $row->typed) === 1 ? $this->display->entry($entry) : '';

            return implode(' = ', array_filter([$taken, $other], static fn (string $text): bool => $text !== ''));
        } catch (SheetError) {
            return '';
        }
    }

    /** How many places a field shows: those usual for it, or more where more were entered. */
    public function places(Field $field): int
    {
        return $this->placesAfter($field, array_keys($this->current->filled($field->key)));
    }

    /** @return list<int> places that an entry just made brings with it, so that there is always one to go on to */
    public function newPlaces(Field $field, int $position): array
    {
        $filled = array_keys($this->current->filled($field->key));
        $before = $this->placesAfter($field, array_values(array_diff($filled, [$position])));
        $now = $this->places($field);

        return $this->current->made($field->key, $position) === 1 && $now > $before ? range($before, $now - 1) : [];
    }

    /** @param  list<int>  $filled */
    private function placesAfter(Field $field, array $filled): int
    {
        $used = $filled === [] ? 0 : 1 + max($filled);
        // Where any number may be measured, such as every finger, free places stand after the last.
        $isOpen = $field->kind === Kind::Quantities && $field->positions > 3 && ! $this->job->isSigned();

        return max($field->positions, $used, $isOpen ? min($used + self::FREE_PLACES, $field->mostPlaces()) : 0);
    }

    public function isNeeded(string $field): bool
    {
        return in_array($field, $this->unmeasured, true);
    }

    /** How many needed entries are not there at a station. */
    public function missingAt(Station $station): int
    {
        return $this->memo->once(
            "missing {$station->value}",
            fn (): int => count(
                array_filter(
                    $this->unmeasured,
                    static fn (string $key): bool => $key === 'kit'
                        ? $station === Station::Kit
                        : (Subjects::dictionary()->find($key)->station ?? Station::Record) === $station,
                ),
            ),
        );
    }

    /** The mark of a station: its worst finding; for a station that measures nothing yet, none. */
    public function verdictAt(Station $station): Verdict
    {
        return match (true) {
            $station === Station::Record => $this->job->isSigned() ? Verdict::Within : Verdict::NotApplicable,
            default => $this->memo->once("verdict {$station->value}", fn (): Verdict => $this->assessment->verdictAt($station)),
        };
    }

    /** @return list<FailureReason> why the old clutch failed, by what the parts show and triage suspected */
    public function why(): array
    {
        return $this->memo->once('why', fn (): array => WhyItFailed::of($this->sheet, $this->assessment));
    }

    /** Where the job stands: the first station with something needed or to be put right, or Record. Old parts wait for a kit. */
    public function stage(): Station
    {
        return $this->memo->once('stage', fn (): Station => $this->firstOpen());
    }

    private function firstOpen(): Station
    {
        $wrong = array_map(
            static fn (Finding $f): Station => Subjects::dictionary()->stationOf($f->id),
            SignOff::of($this->assessment->findings, true)->blockers,
        );
        foreach (Station::cases() as $station) {
            if ($this->missingAt($station) > 0 || in_array($station, $wrong, true)) {
                return $station;
            }
        }

        return Station::Record;
    }

    public function hasKitChosen(): bool
    {
        return self::hasKit($this->sheet);
    }

    public function length(string $key): ?Length
    {
        return $this->sheet->values->one(Length::class, $key);
    }

    private static function hasKit(JobSheet $sheet): bool
    {
        return Reach::hasKit($sheet);
    }
}
