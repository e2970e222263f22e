<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Limits\LiningWear;
use App\Limits\ModelBook;
use App\Models\Job;
use App\Models\Note;
use App\Readings\CurrentReadings;
use App\Sheets\SheetBuilder;
use App\Sheets\StatedElsewhere;
use Closure;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Route;
use Spindle\Assessment\Assessment;
use Spindle\Assessment\Cautions;
use Spindle\Assessment\FailureReason;
use Spindle\Assessment\SignOff;
use Spindle\Assessment\Subjects;
use Spindle\Assessment\WhatWasSet;
use Spindle\Assessment\WhyItFailed;
use Spindle\Capacity\ShopWear;
use Spindle\Intake\IntakeFields;
use Spindle\Kit\Ranking\BoxAndRest;
use Spindle\Kit\Ranking\RankingRules;
use Spindle\Limit\Finding;
use Spindle\Limit\Said;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Quantity\Length;
use Spindle\Quantity\UnitSystem;
use Spindle\Record\Shop;
use Spindle\Sheet\Document;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\SheetError;
use Spindle\Sheet\Station;
use Spindle\Triage\Reach;

/**
 * One job as it stands: what was entered, what it comes to, what it owes. Made in one place, for changes and pages, board, record and
 * upkeep alike; what it was worked out to is kept with the job until something changes.
 *
 * @phpstan-import-type Rows from SignedJob as SignedRows
 * @phpstan-import-type Kept from KeptJob
 */
final readonly class AssessedJob
{
    private const SIGNED_ROWS = 'signed rows';

    /**
     * @param  SignOff  $signOff  whether it may be signed, and what is missing: the one answer, asked by everybody
     * @param  Collection<int, Note>  $additions  to the record of a signed job, of later
     * @param  string  $stamp  of all that the assessment was made from
     * @param  Closure(): Document  $file
     */
    private function __construct(
        public Job $job,
        public CurrentReadings $current,
        public JobSheet $sheet,
        public Assessment $assessment,
        public SignOff $signOff,
        public Display $display,
        public Collection $additions,
        public LetThrough $letThrough,
        public string $stamp,
        private Memo $memo,
        private Closure $file,
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
        $stamp = KeptJob::stamp($job);

        return self::from($job, $stamp, KeptJob::find($job, $stamp));
    }

    /**
     * Read and worked out whatever was kept: for a job that was just changed.
     *
     * @throws SheetError when what is stored is not a possible job sheet
     */
    public static function anew(Job $job): self
    {
        return self::from($job, KeptJob::stamp($job), null);
    }

    /**
     * @param  Kept|null  $found
     *
     * @throws SheetError when what is stored is not a possible job sheet
     */
    private static function from(Job $job, string $stamp, ?array $found): self
    {
        $memo = new Memo;
        $signed = $job->signedSheet;
        if ($signed === null) {
            $kept = $job;
            $current = new CurrentReadings($job->readings);
            $file = static fn (): Document => $memo->once('document', static fn (): Document => SheetBuilder::document($job, $current));
        } else {
            $file = static fn (): Document => $memo->once('document', static fn (): Document => Document::ofJson($signed->json));
            $rows = $memo->once(self::SIGNED_ROWS, static fn (): array => $found['signed'] ?? SignedJob::rows($file(), $signed->elsewhere));
            $kept = SignedJob::of($job, $rows);
            $current = new CurrentReadings($kept->readings);
        }
        [$sheet, $assessment] = $found === null ? self::workedOut($file()) : [$found['sheet'], $found['assessment']];
        $display = new Display($sheet->units, ReaderLocale::decimalSign());

        // Asked for while pages are drawn, and the database is asked nothing then.
        $memo->once('unchecked', static fn (): array => $job->signedSheet === null
            ? array_fill_keys(ModelBook::uncheckedOn($current), true) : []);

        $page = new self(
            $kept, $current, $sheet, $assessment,
            SignOff::of([...$assessment->findings, ...BeforeSigning::of($kept, $current)], Reach::hasKit($sheet)), $display,
            $job->signedSheet === null ? new Collection : SignedJob::additions($job),
            new LetThrough($kept, $sheet, $assessment, $display), $stamp, $memo, $file,
        );
        if ($found === null && Route::current() !== null && request()->isMethodSafe()) {
            app(KeptLater::class)->add($page);
        }

        return $page;
    }

    /** @return array{JobSheet, Assessment} */
    private static function workedOut(Document $document): array
    {
        $sheet = JobSheet::of($document, Subjects::dictionary());

        return [$sheet, Assessment::of($sheet)];
    }

    /** @return SignedRows|null the file of a signed job as rows */
    public function signedRows(): ?array
    {
        return $this->job->signedSheet === null ? null : $this->memo->once(
            self::SIGNED_ROWS, fn (): array => SignedJob::rows($this->document(), $this->job->signedSheet->elsewhere),
        );
    }

    /** The job as a file has it; made when somebody asks for it. */
    public function document(): Document
    {
        return ($this->file)();
    }

    /**
     * With what this shop's own jobs say of how linings wear, and what the counter asks for parts of this job; of a signed job what was
     * known when it was signed.
     */
    public function sheetOfShop(): JobSheet
    {
        return $this->job->isSigned() ? $this->sheet : $this->memo->once('of the shop', fn (): JobSheet => PartOffers::onto(
            $this->sheet->knowing(ShopWear::NAME, LiningWear::section()), $this->offers(),
        ));
    }

    /** What the job has to buy beside a box that lacks it. */
    public function boxAndRest(): BoxAndRest
    {
        return $this->memo->once('beside the box', function (): BoxAndRest {
            $sheet = $this->sheetOfShop();

            return BoxAndRest::of($sheet, RankingRules::of($sheet));
        });
    }

    /** @return array<string, float> what the counter asks for parts of this job, by part */
    public function offers(): array
    {
        return $this->memo->once('offers', fn (): array => PartOffers::of($this->job->id));
    }

    /** The job as it is now: as it was left where something was set or read anew, else as it was found. */
    public function now(): JobSheet
    {
        return $this->memo->once('now', fn (): JobSheet => $this->sheet->left() ?? $this->sheet);
    }

    /** @return list<string> what was set, each as found and as left with the steps between */
    public function wasSet(): array
    {
        return $this->memo->once('was set', fn (): array => array_values(array_map(
            fn (Said $said): string => $said->in($this->display), WhatWasSet::on($this->sheet),
        )));
    }

    /** Which workshop does the work: of a signed job the one that signed it, with what it was called then. */
    public function shop(): Shop
    {
        return Shop::of($this->sheet);
    }

    /** @return list<string> who keeps the vehicle, how it is called in a fleet, how they are reached */
    public function keeper(): array
    {
        return array_values(array_filter(array_map(
            fn (string $key): string => $this->values()->word($key) ?? '', IntakeFields::KEEPER,
        ), static fn (string $said): bool => $said !== ''));
    }

    public function values(): FieldValues
    {
        return $this->sheet->values;
    }

    public function length(string $key): ?Length
    {
        return $this->sheet->values->one(Length::class, $key);
    }

    public function units(): UnitSystem
    {
        return UnitSystem::from($this->job->units);
    }

    public function hasKitChosen(): bool
    {
        return Reach::hasKit($this->sheet);
    }

    /** Whether the file of a signed job is no longer the one that was signed. */
    public function isAltered(): bool
    {
        return $this->job->signedSheet?->isWhole() === false;
    }

    /** @return list<string> */
    public function cautionsAt(Station $station): array
    {
        return Cautions::at($station, $this->sheet->vehicleClass(), $this->sheet->actuation());
    }

    /** @return list<StatedElsewhere> figures of the file that was taken in, which the lead may put in force */
    public function toTakeOver(): array
    {
        return $this->job->isSigned() || $this->sheet->statedElsewhere === [] ? [] : StatedElsewhere::of($this->document());
    }

    /** Whether something on this job is only stated by a file that was taken in. */
    public function statesElsewhere(): bool
    {
        return $this->job->taken_in_at !== null && ($this->job->signedSheet?->elsewhere === true
            || $this->job->holds(stated: true) || $this->job->kitChoice?->stated === true);
    }

    /** Whether a field holds a maker's figure that the lead has not confirmed yet; of a signed job its file tells nothing of that. */
    public function isUnchecked(string $key): bool
    {
        /** @var array<string, true> $unchecked */
        $unchecked = $this->memo->once('unchecked', static fn (): array => []);

        return isset($unchecked[$key]);
    }

    /** @return list<string> what is needed and not there */
    public function unmeasured(): array
    {
        return $this->memo->once('unmeasured', fn (): array => $this->assessment->unmeasured());
    }

    public function isNeeded(string $field): bool
    {
        return isset($this->memo->once('needed', fn (): array => array_fill_keys($this->unmeasured(), true))[$field]);
    }

    /** How many needed entries are not there at a station. */
    public function missingAt(Station $station): int
    {
        $byStation = $this->memo->once('missing', fn (): array => array_count_values(array_map(
            static fn (string $key): string => ($key === 'kit' ? Station::Kit
                : Subjects::dictionary()->find($key)->station ?? Station::Record)->value,
            $this->unmeasured(),
        )));

        return $byStation[$station->value] ?? 0;
    }

    /** The mark of a station: its worst finding; for a station that measures nothing yet, none. */
    public function verdictAt(Station $station): Verdict
    {
        return match (true) {
            $station === Station::Record => $this->job->isSigned() ? Verdict::Within : Verdict::NotApplicable,
            default => $this->memo->once('verdicts', $this->assessment->verdicts(...))[$station->value],
        };
    }

    /**
     * What a station is called where nothing is missing there: signed, open, entered, not_touched, not_reached, an
     * outcome; empty for its verdict.
     */
    public function nameAt(Station $station): string
    {
        $reach = $this->assessment->reach;
        // What the job comes to as somebody said it; else as the signs and tests point.
        $outcome = $reach?->isSaid === true ? $reach->outcome : $reach?->pointed;
        $isReached = $reach?->reaches($station) !== false;

        return match (true) {
            $station === Station::Record => $this->job->isSigned() ? 'signed' : 'open',
            $station === Station::Triage && $outcome !== null => $outcome->value,
            $this->verdictAt($station) !== Verdict::NotApplicable => '',
            ! $isReached => 'not_reached',
            default => $this->isTouched($station) ? 'entered' : 'not_touched',
        };
    }

    /** Whether anything was entered in a field of the station. */
    private function isTouched(Station $station): bool
    {
        $touched = $this->memo->once('touched', fn (): array => array_unique(array_map(
            static fn (string $field): string => Subjects::dictionary()->entry($field)->station->value ?? '', $this->current->fields(),
        )));

        return in_array($station->value, $touched, true);
    }

    /** Where something is out that keeps the job from being signed; what was wrong with parts that are replaced is evidence. */
    public function outAt(): ?Station
    {
        foreach ($this->signOff->blockers as $finding) {
            if ($finding->verdict === Verdict::Out) {
                return Subjects::dictionary()->stationOf($finding->id);
            }
        }

        return null;
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
}
