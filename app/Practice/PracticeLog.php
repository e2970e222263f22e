<?php

declare(strict_types=1);

namespace App\Practice;

use App\Models\PracticeJob;
use App\Models\User;
use Illuminate\Support\Carbon;
use Spindle\Practice\Level;
use Spindle\Practice\Seed;

/** What somebody practised at the stations, the last first, and how it went. */
final readonly class PracticeLog
{
    private const MOST = 30;

    /**
     * @param  string  $to  where it goes on, or what is said of it
     * @param  array<string, mixed>|null  $summary  once it is over
     */
    private function __construct(
        public string $who, public string $code, public string $level, public string $to, public Carbon $began, public bool $isShown,
        public ?array $summary,
    ) {
    }

    /** @return list<self> */
    public static function of(User $person): array
    {
        return GroundFile::isThere($person->id) ? GroundFile::within($person, static fn (): array => self::rows($person->name)) : [];
    }

    /** @return list<self> what others let the lead see, those at the same vehicle beside each other */
    public static function shownByOthers(User $lead): array
    {
        $shown = [];
        foreach (User::active()->where('id', '<>', $lead->id)->orderBy('name')->get() as $person) {
            // One file that cannot be read takes the others from nobody.
            $rows = ! GroundFile::isThere($person->id) ? []
                : rescue(static fn (): array => GroundFile::look($person->id, static fn (): array => self::rows($person->name, true)), []);
            $shown = [...$shown, ...$rows];
        }
        usort($shown, static fn (self $a, self $b): int => [$a->code, $a->who] <=> [$b->code, $b->who]);

        return $shown;
    }

    /**
     * Those that are over, the first first.
     *
     * @param  list<self>  $log
     * @return list<array{code: string, own: int, proposed: int, isRight: bool}>
     */
    public static function course(array $log): array
    {
        return array_map(static fn (self $one): array => [
            'code' => $one->code, 'own' => (int) $one->figure('tests'), 'proposed' => (int) $one->figure('proposed'),
            'isRight' => ($one->summary['put_right'] ?? false) === true,
        ], array_reverse(array_values(array_filter($log, static fn (self $one): bool => $one->isOver()))));
    }

    public function isOver(): bool
    {
        return $this->summary !== null;
    }

    /** How it went, in a few words; empty while it is not over. */
    public function said(): string
    {
        $is = fn (string $what): bool => ($this->summary[$what] ?? false) === true;

        return $this->summary === null ? '' : implode(', ', array_filter([
            match (true) {
                $is('put_right') => 'put right',
                $is('for_nothing') => 'opened for nothing',
                default => 'not put right',
            },
            ($this->summary['kit'] ?? null) === null ? '' : ($is('kit') ? 'the right kit' : 'another kit than the right one'),
            ($this->summary['passed_over'] ?? 0) === 0 ? '' : 'a caution passed over',
        ], static fn (string $part): bool => $part !== ''));
    }

    /** A figure of it, "26". */
    public function figure(string $what): string
    {
        $figure = $this->summary[$what] ?? '';

        return is_scalar($figure) ? (string) $figure : '';
    }

    /** @return list<self> */
    private static function rows(string $who, bool $isShown = false): array
    {
        $rows = PracticeJob::query()->orderByDesc('id')->limit(self::MOST);

        return array_values(($isShown ? $rows->where('is_shown', true)->whereNotNull('ended_at') : $rows)->get()
            ->map(static fn (PracticeJob $p): self => new self(
                $who, Seed::of($p->seed)->code(), $p->level === Level::Plain ? '' : lcfirst($p->level->label()),
                Ground::page($p->ended_at === null ? 'job' : 'job.practice.debrief', [$p->clutch_job_id]), $p->began_at, $p->is_shown,
                $p->summary,
            ))->all());
    }
}
