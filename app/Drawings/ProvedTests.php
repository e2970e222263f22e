<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Jobs\AssessedJob;
use App\Page\ProvingStory;
use Spindle\Proving\Cure;
use Spindle\Proving\Test;
use Spindle\Proving\TestResult;
use Spindle\Quantity\Distance;
use Spindle\Quantity\Duration;

/** How far the proving is. */
final readonly class ProvedTests
{
    /**
     * @param  list<Test>  $tests
     * @param  list<Test>  $failed
     */
    private function __construct(private array $tests, public array $failed, private AssessedJob $page)
    {
    }

    public static function of(AssessedJob $page): self
    {
        $tests = Test::of($page->sheet);

        $failed = array_filter($tests, static fn (Test $t): bool => self::result($t, $page) === TestResult::Fail);

        return new self($tests, array_values($failed), $page);
    }

    private static function result(Test $test, AssessedJob $page): ?TestResult
    {
        return TestResult::tryFrom($page->values()->word($test->key('result')) ?? '');
    }

    /** What a failed test asks for. */
    public function cure(Test $test): Cure
    {
        return Cure::of($test, $this->page->sheet);
    }

    /** @return list<ProvingStory> of the tests that went more than one round */
    public function stories(): array
    {
        return ProvingStory::told($this->page);
    }

    /** "5 of 8 passed, 1 failed, 2 to do." */
    public function sentence(): string
    {
        $count = fn (?TestResult $r): int => count(array_filter($this->tests, fn (Test $t): bool => self::result($t, $this->page) === $r));
        $said = [$count(TestResult::Pass).' of '.count($this->tests).' passed'];
        foreach (['failed' => TestResult::Fail, 'not done' => TestResult::NotDone, 'to do' => null] as $word => $result) {
            $said = $count($result) === 0 ? $said : [...$said, "{$count($result)} {$word}"];
        }

        return implode(', ', $said).'.';
    }

    /** "The release follows 34 200 km of wear at the rate of the last lining."; empty where it is not known. */
    public function interval(): string
    {
        $km = $this->page->assessment->figure('prove.wear_interval');
        $hours = $this->page->assessment->figure('prove.wear_interval_hours');
        $most = is_float($km) ? Distance::of($km) : (is_float($hours) ? Duration::of($hours) : null);

        return $most === null ? '' : 'The release follows the wear for about '.$this->page->display->quantity($most, $most->value > 5000
            ? 1000.0 : 100.0).' at the rate of the last lining: look again no later.';
    }
}
