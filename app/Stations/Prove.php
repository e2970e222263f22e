<?php

declare(strict_types=1);

namespace App\Stations;

use App\Page\Entries;
use Spindle\Proving\ProvingFields;
use Spindle\Proving\Test;
use Spindle\Sheet\JobSheet;

/** Prove: the tests in the order in which they are made, and when somebody looks again. */
final readonly class Prove
{
    private function __construct(private JobSheet $sheet, private string $revs)
    {
    }

    public static function of(Entries $entries): self
    {
        $revs = $entries->job->assessment->figure('prove.rev_speed');

        return new self($entries->job->sheet, is_float($revs) ? $entries->job->display->number($revs, 0).' rpm.' : '');
    }

    /** @return list<Test> */
    public function tests(): array
    {
        return Test::of($this->sheet);
    }

    /** How fast the engine turns in a test; empty where it says nothing of that. */
    public function revs(Test $test): string
    {
        return $test === Test::Creep ? $this->revs : '';
    }

    /** @return list<string> what is measured with a test */
    public function measured(Test $test): array
    {
        return match ($test) {
            Test::TakeUp => [ProvingFields::HEIGHT],
            default => [],
        };
    }

    /** @return list<string> what is asked where a test failed: it comes with the word */
    public function askedOfAFailed(Test $test): array
    {
        return match ($test) {
            Test::Selection => [ProvingFields::GRINDS],
            Test::TwoStage => [ProvingFields::STAGE],
            default => [],
        };
    }

    /** @return list<string> when somebody looks at it again */
    public function nextLook(): array
    {
        return [ProvingFields::RECHECK_ON, ProvingFields::RECHECK_AFTER, ProvingFields::RECHECK_HOURS];
    }

    /** Said where no test at all could be made. */
    public function untried(): string
    {
        return ProvingFields::UNTRIED;
    }
}
