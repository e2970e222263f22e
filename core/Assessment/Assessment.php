<?php

declare(strict_types=1);

namespace Spindle\Assessment;

use Spindle\Assessment\Owed\Owed;
use Spindle\Capacity\CapacityJudgement;
use Spindle\Capacity\LaunchJudgement;
use Spindle\Capacity\TakeOffCapacityJudgement;
use Spindle\Kit\FitJudgement;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Sheet\DictionaryError;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\Figure;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Station;
use Spindle\Triage\Diagnosis;
use Spindle\Triage\Reach;
use Spindle\Triage\TriageOfSheet;

/** Everything the core has to say about a job sheet: figures, findings, what is missing, and the verdict over all. */
final readonly class Assessment
{
    /**
     * @param  array<string, Figure>  $figures  by name
     * @param  list<Finding>  $findings
     * @param  Reach|null  $reach  how far the job goes; nothing where only a kit was looked at
     * @param  list<Finding>  $found  of what was set, or measured anew after the work: what was found before it
     */
    private function __construct(
        private JobSheet $sheet,
        public array $figures,
        public array $findings,
        public ?Reach $reach = null,
        public array $found = [],
    ) {
    }

    public static function of(JobSheet $sheet): self
    {
        $left = $sheet->left();
        if ($left === null) {
            return self::whole($sheet);
        }
        $found = self::whole($sheet->found());
        $asLeft = $sheet->work()->asLeft();
        $now = self::whole($left);

        return new self(
            $sheet,
            $asLeft->figures($found->figures, $now->figures),
            array_map($asLeft->said(...), $now->findings),
            $now->reach,
            $asLeft->before($found->findings, $now->findings),
        );
    }

    private static function whole(JobSheet $sheet): self
    {
        $reach = Reach::of($sheet);
        $judgements = [...$sheet->dictionary->judgements, new PartsJudgement, new ComparisonsJudgement, new UnusedLimitsJudgement];

        return self::by($sheet, $judgements, $reach);
    }

    /** What can be said of one candidate kit for this job. */
    public static function ofKit(JobSheet $sheet, FieldValues $kit): self
    {
        return self::by($sheet, [
            new CapacityJudgement($kit), new TakeOffCapacityJudgement($kit), new LaunchJudgement($kit), new FitJudgement($kit),
        ]);
    }

    /** Only whether a kit can be put in; what it carries is not worked out. */
    public static function ofFit(JobSheet $sheet, FieldValues $kit): self
    {
        return self::by($sheet, [new FitJudgement($kit)]);
    }

    /**
     * What it comes to, as values that can be kept; the sheet they belong to is not among them.
     *
     * @return array{figures: array<string, Figure>, findings: list<Finding>, found: list<Finding>, reach: Reach|null}
     */
    public function parts(): array
    {
        return ['figures' => $this->figures, 'findings' => $this->findings, 'found' => $this->found, 'reach' => $this->reach];
    }

    /**
     * A kept assessment of just this sheet; nothing where what was kept is none.
     *
     * @param  array<array-key, mixed>  $parts
     */
    public static function again(JobSheet $sheet, array $parts): ?self
    {
        $figures = self::only(Figure::class, $parts['figures'] ?? null);
        $findings = self::only(Finding::class, $parts['findings'] ?? null);
        $found = self::only(Finding::class, $parts['found'] ?? null);
        $reach = $parts['reach'] ?? null;
        if ($figures === null || $findings === null || $found === null || ! $reach instanceof Reach) {
            return null;
        }

        return new self($sheet, $figures, array_values($findings), $reach, array_values($found));
    }

    /**
     * @template T of object
     *
     * @param  class-string<T>  $class
     * @return array<string, T>|null nothing where it holds anything else
     */
    private static function only(string $class, mixed $given): ?array
    {
        $kept = [];
        foreach (is_array($given) ? $given : [null] as $name => $one) {
            if (! $one instanceof $class) {
                return null;
            }
            $kept[(string) $name] = $one;
        }

        return $kept;
    }

    /** The worst of all findings. */
    public function verdict(): Verdict
    {
        return Verdict::worst(...array_map(static fn (Finding $f): Verdict => $f->verdict, $this->findings));
    }

    public function verdictAt(Station $station): Verdict
    {
        return $this->verdicts()[$station->value];
    }

    /** @return array<string, Verdict> the worst of each station, by its value */
    public function verdicts(): array
    {
        $by = array_fill_keys(array_column(Station::cases(), 'value'), []);
        foreach ($this->findings as $finding) {
            $by[$this->sheet->dictionary->stationOf($finding->id)->value][] = $finding->verdict;
        }

        return array_map(static fn (array $found): Verdict => Verdict::worst(...$found), $by);
    }

    /** @return list<Finding> */
    public function at(Station $station): array
    {
        $dictionary = $this->sheet->dictionary;

        return array_values(array_filter($this->findings, static fn (Finding $f): bool => $dictionary->stationOf($f->id) === $station));
    }

    /** @return list<Finding> worst first, in the order of the work within one verdict */
    public function worstFirst(): array
    {
        $by = array_fill_keys(array_column(Verdict::cases(), 'value'), []);
        foreach ($this->findings as $finding) {
            $by[$finding->verdict->value][] = $finding;
        }

        return array_merge(...array_values($by));
    }

    public function find(string $id): ?Finding
    {
        foreach ($this->findings as $finding) {
            if ($finding->id === $id) {
                return $finding;
            }
        }

        return null;
    }

    /** As it was before the work, where that is known apart; else as it is. */
    public function findAsFound(string $id): ?Finding
    {
        foreach ($this->found as $finding) {
            if ($finding->id === $id) {
                return $finding;
            }
        }

        return $this->find($id);
    }

    /** What the signs and tests point at; nothing where none was entered. */
    public function triage(): ?Diagnosis
    {
        return $this->reach?->pointed === null ? null : TriageOfSheet::now($this->sheet);
    }

    /**
     * What was worked out under this name; nothing where it could not be.
     *
     * @return float|int|string|list<int>|null
     *
     * @throws DictionaryError when no subject works out such a figure
     */
    public function figure(string $name): float|int|string|array|null
    {
        $figure = $this->figures[$name] ?? null;
        if ($figure === null) {
            $this->sheet->dictionary->figures->unit($name);
        }

        return $figure?->value;
    }

    /** @return list<string> entries that are needed and not there */
    public function unmeasured(): array
    {
        return array_values(array_unique(array_merge(...array_map(
            static fn (Finding $f): array => $f->verdict === Verdict::Unmeasured ? $f->missing : [], $this->findings,
        ))));
    }

    /** @param  list<Judgement>  $judgements */
    private static function by(JobSheet $sheet, array $judgements, ?Reach $reach = null): self
    {
        $results = new Results($sheet->dictionary->figures, $sheet);
        foreach ($judgements as $judgement) {
            try {
                $judgement->assess($sheet, $results);
            } catch (\DomainException|\ArithmeticError $e) {
                $results->finding($judgement->topic()->unworkable($e));
            }
        }
        $findings = $results->findings();
        if ($reach !== null) {
            $findings = array_map(static fn (Finding $f): Finding => $reach->needed($f, $sheet->dictionary), $findings);
            $findings = [...$findings, ...Owed::of($sheet, $reach, $findings)];
        }

        return new self($sheet, $results->figures(), $findings, $reach);
    }
}
