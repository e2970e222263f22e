<?php

declare(strict_types=1);

namespace App\Page;

use App\Jobs\AssessedJob;
use App\Limits\LimitsBook;
use Spindle\Assessment\StripPart;
use Spindle\Inspection\Condition;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;

/** What was found, as the printed sheet has it: what passed and needs no line of its own shares one. */
final readonly class PrintedFindings
{
    private const UNTOUCHED = 'untouched';

    private const FITS = 'fits';

    private const NOT_APPLICABLE = 'not applicable: ';

    /** What passed at a station is one line of the print, by the first word of its findings. */
    private const TOGETHER = ['bench' => 'New against old. ', 'fastening' => 'Bolts. ', 'fit' => 'Fitting. ', 'prove' => 'Tests. ',
        'parts' => 'Parts. ', 'triage' => 'Triage. ', 'demand' => 'Demand. ',
        'flywheel' => 'Flywheel. ', 'release' => 'Release. '];

    private function __construct(public Verdict $verdict, public string $said, public string $limit, public string $waiver = '')
    {
    }

    /** @return list<self> */
    public static function of(AssessedJob $page): array
    {
        $groups = [];
        foreach ($page->assessment->findings as $finding) {
            if (! str_starts_with($finding->id, 'vehicle.')) {
                $groups[self::shared($finding, $page)][] = $finding;
            }
        }
        $lines = [];
        // What does not apply for one and the same reason is one line, the last.
        uksort($groups, static fn (string $a, string $b): int => str_starts_with($a, self::NOT_APPLICABLE)
            <=> str_starts_with($b, self::NOT_APPLICABLE));
        foreach ($groups as $shared => $findings) {
            $lines[] = match (true) {
                str_starts_with($shared, self::NOT_APPLICABLE) => self::notApplicable($findings, $page),
                default => self::line($shared, $findings, $page),
            };
        }

        return $lines;
    }

    /** @param  non-empty-list<Finding>  $findings */
    private static function line(string $shared, array $findings, AssessedJob $page): self
    {
        return match ($shared) {
            self::UNTOUCHED => new self(Verdict::Within, 'Looked at, nothing found: '.self::names($findings, $page).'.', '–'),
            self::FITS => new self(Verdict::Within, 'The kit fits. '.self::messages($findings, $page), '–'),
            default => isset(self::TOGETHER[$shared])
                ? new self(Verdict::Within, self::TOGETHER[$shared].self::messages($findings, $page), '–')
                : self::alone($findings[0], $page),
        };
    }

    /** @param  non-empty-list<Finding>  $findings  that say the same of several things */
    private static function notApplicable(array $findings, AssessedJob $page): self
    {
        if (count($findings) === 1) {
            return self::alone($findings[0], $page);
        }
        $names = array_map(static fn (Finding $f): string => lcfirst(LimitsBook::nameOf($f->id)), $findings);

        return new self(
            Verdict::NotApplicable, rtrim($findings[0]->say($page->display), '.').' ('.implode(', ', array_unique($names)).').', '–',
        );
    }

    private static function alone(Finding $finding, AssessedJob $page): self
    {
        $waiver = $finding->isWaived() ? 'Let pass'.$page->letThrough->by($finding->id).': '.$finding->waiver : '';

        return new self($finding->verdict, $finding->say($page->display), $finding->limit?->wording($page->display) ?? '–', $waiver);
    }

    /** The line a finding shares with others; its own name where it has one to itself. */
    private static function shared(Finding $finding, AssessedJob $page): string
    {
        $passed = $finding->verdict === Verdict::Within && ! $finding->isWaived();
        $subject = (string) strtok($finding->id, '.');
        $isUntouched = str_ends_with($finding->id, '.conditions') && $page->values()->words($finding->id) === [Condition::NONE];

        return match (true) {
            $finding->verdict === Verdict::NotApplicable => self::NOT_APPLICABLE.$finding->say($page->display),
            $passed && $isUntouched => self::UNTOUCHED,
            $passed && str_starts_with($finding->id, 'kit.') => self::FITS,
            $passed && isset(self::TOGETHER[$subject]) && self::saysItsLimit($finding, $page) => $subject,
            default => $finding->id,
        };
    }

    /** Whether it has no limit, or the sentence says it with its source: it can share a line then. */
    private static function saysItsLimit(Finding $finding, AssessedJob $page): bool
    {
        return $finding->limit === null || str_contains($finding->say($page->display), $finding->limit->wording($page->display));
    }

    /** @param  list<Finding>  $findings */
    private static function names(array $findings, AssessedJob $page): string
    {
        $name = static fn (Finding $f): string => lcfirst(StripPart::from((string) strtok($f->id, '.'))->label($page->sheet));

        return implode(', ', array_map($name, $findings));
    }

    /** @param  list<Finding>  $findings */
    private static function messages(array $findings, AssessedJob $page): string
    {
        return implode(' ', array_map(static fn (Finding $f): string => $f->say($page->display), $findings));
    }
}
