<?php

declare(strict_types=1);

namespace App\Practice;

use App\Jobs\AssessedJob;
use App\Models\Job;
use App\Models\PracticeJob;
use App\Models\PracticeStep;
use App\Page\PracticeBay;
use App\Store\InTurn;
use Spindle\Practice\Answer;
use Spindle\Practice\Answers;
use Spindle\Practice\ComesBack;
use Spindle\Practice\Hidden;
use Spindle\Practice\JobDebrief;
use Spindle\Practice\Level;
use Spindle\Practice\Move;
use Spindle\Practice\PracticeError;
use Spindle\Practice\Seed;
use Spindle\Practice\Tell;
use Spindle\Practice\Work;
use Spindle\Sheet\Field;
use Spindle\Sheet\Station;
use Spindle\Triage\Cause;
use Spindle\Triage\Signs;

/** Somebody at a practice vehicle at the stations: what it answers, and what that took. */
final class AtStations
{
    /** Where hands go in, so that the cautions are taken note of first. */
    private const HANDS_IN = [Station::Strip, Station::Fit, Station::Set];

    private ?Hidden $hidden = null;

    private function __construct(public readonly PracticeJob $practice)
    {
    }

    public static function of(Job $job): self
    {
        return new self(PracticeJob::query()->where('clutch_job_id', $job->id)->firstOrFail());
    }

    /**
     * Drawn once it is asked for; most pages of a station ask nothing of it.
     *
     * @throws PracticeError when this version has no such vehicle
     */
    public function hidden(): Hidden
    {
        return $this->hidden ??= $this->practice->hidden();
    }

    public function code(): string
    {
        return Seed::of($this->practice->seed)->code();
    }

    /** What a field answers as the job stands; what it took is counted. */
    public function read(Field $field, AssessedJob $page, bool $isHurried): Answer
    {
        $answer = Answers::of($this->hidden(), $page->sheet)->to($field, $isHurried);
        if ($answer->typed !== []) {
            $this->handsGoIn($field->station);
            $this->note($isHurried ? PracticeStep::HURRIED : PracticeStep::READ, $field->key, (int) ceil($answer->minutes));
        }

        return $answer;
    }

    /** Something is read or entered at a station: where hands go in there, the cautions ought to be seen to by now. */
    public function handsGoIn(Station $station): void
    {
        if ($this->asksForCaution($station)) {
            $this->note(PracticeStep::PASSED_OVER, $station->value);
        }
    }

    /** Whether the customer says that a sign is there. */
    public function ask(string $sign): bool
    {
        $this->note(PracticeStep::ASKED, $sign);

        return isset(Signs::all()[$sign]) && $this->hidden()->shows($sign);
    }

    public function isCautioned(Station $station): bool
    {
        return ! in_array($station, self::HANDS_IN, true) || $this->practice->steps()
            ->whereIn('kind', [PracticeStep::CAUTION, PracticeStep::PASSED_OVER])->where('what', $station->value)->exists();
    }

    /** @return list<Station> where hands go in, and nobody took note of the cautions yet */
    public function uncautioned(): array
    {
        return array_values(array_filter(self::HANDS_IN, fn (Station $s): bool => ! $this->isCautioned($s)));
    }

    public function asksForCaution(Station $station): bool
    {
        return in_array($station, self::HANDS_IN, true) && ! $this->isCautioned($station);
    }

    /** Whether the tell-tale, and what triage thinks, stand beside all the time. */
    public function isOpen(): bool
    {
        return $this->practice->level === Level::Guided || $this->practice->tell === Tell::Open || $this->isOver();
    }

    public function isOver(): bool
    {
        return $this->practice->ended_at !== null;
    }

    public function canLook(): bool
    {
        return $this->practice->tell === Tell::Asked && ! $this->isOpen();
    }

    public function minutes(): int
    {
        return (int) $this->practice->steps()->sum('minutes');
    }

    public function debrief(AssessedJob $page): JobDebrief
    {
        $steps = $this->practice->steps()->get();
        $moves = $steps->map(static fn (PracticeStep $s): ?Move => match (true) {
            $s->kind === PracticeStep::ASKED => Move::ask($s->what),
            $s->kind === PracticeStep::LOOKED => Move::look(),
            in_array($s->kind, [PracticeStep::READ, PracticeStep::HURRIED], true) => Move::read('test.'.self::lastWord($s->what)),
            default => null,
        });
        $passed = $steps->where('kind', PracticeStep::PASSED_OVER)
            ->map(static fn (PracticeStep $s): ?Station => Station::tryFrom($s->what));

        return JobDebrief::of(
            $this->hidden(), $page->sheet, array_values(array_filter($moves->all())), array_values(array_filter($passed->all())),
            $this->minutes(),
        );
    }

    /** @return list<array{what: string, when: string}> what was left as it was, and when it comes back */
    public function comesBack(AssessedJob $page): array
    {
        return array_map(fn (Work $work): array => [
            'what' => $work->label(), 'when' => PracticeBay::whenBack(ComesBack::after($this->hidden(), $work), $page->display),
        ], $this->debrief($page)->left());
    }

    /** It is laid down: nothing of it changes any more, and how it went is kept. */
    public function end(AssessedJob $page): void
    {
        if ($this->isOver()) {
            return;
        }
        $debrief = $this->debrief($page);
        InTurn::do(fn (): bool => $this->practice->update(['ended_at' => now(), 'summary' => [
            'right' => $debrief->way->own->isRight(), 'put_right' => $debrief->isPutRight(),
            'for_nothing' => $debrief->way->own->isOpenedForNothing(), 'kit' => $debrief->kit() === '' ? null : $debrief->isKitRight(),
            'minutes' => $debrief->minutes, 'tests' => $debrief->way->own->minutes, 'proposed' => $debrief->way->proposed->minutes,
            'passed_over' => count($debrief->passedOver),
            'vehicle' => $this->hidden()->build,
            'fault' => implode(', and ', array_map(static fn (Cause $c): string => lcfirst($c->label), $this->hidden()->causes)),
        ]]));
    }

    /** The learner says whether the lead sees how it went. */
    public function letSee(bool $isShown): void
    {
        InTurn::do(fn (): bool => $this->practice->update(['is_shown' => $isShown]));
    }

    private static function lastWord(string $key): string
    {
        return substr($key, (int) strrpos($key, '.') + 1);
    }

    public function note(string $kind, string $what, int $minutes = 0): void
    {
        if ($this->isOver()) {
            return;
        }
        InTurn::do(fn () => PracticeStep::query()->create([
            'practice_job_id' => $this->practice->id, 'kind' => $kind, 'what' => $what, 'minutes' => $minutes, 'at' => now(),
        ]));
    }
}
