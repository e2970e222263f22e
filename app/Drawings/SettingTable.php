<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Jobs\AssessedJob;
use Spindle\Quantity\Length;
use Spindle\Release\Adjuster;
use Spindle\Release\ChainAtWork;
use Spindle\Release\PedalCorrection;
use Spindle\Release\SettingOption;

/** What can be set or changed, each with what it does to everything else, beside what is now. */
final readonly class SettingTable
{
    /** @param  list<SettingOption>  $options  now first */
    private function __construct(public array $options, private ChainAtWork $work, private AssessedJob $page)
    {
    }

    public static function of(AssessedJob $page): self
    {
        $work = ChainAtWork::of($page->now());

        return new self($work->options, $work, $page);
    }

    /** @return array<string, string> cylinders of which other bores can be looked at, each with its name */
    public function cylinders(): array
    {
        return array_intersect_key(
            [SettingOption::MASTER => 'Master', SettingOption::SLAVE => 'Slave'],
            array_flip(SettingOption::cylinders($this->page->now())),
        );
    }

    /** @return list<SettingOption> the usual bores of a cylinder beside each other */
    public function bores(string $cylinder): array
    {
        return SettingOption::bores($this->page->now(), $cylinder);
    }

    /** What one does for it. */
    public function what(SettingOption $option): string
    {
        $d = $this->page->display;

        return match ($option->kind) {
            SettingOption::NOW => 'As it is',
            SettingOption::SHIM => 'Shims of '.$d->quantity($option->to ?? Length::mm(0.0), 0.1).' under the bearing',
            SettingOption::STOP => $this->stop($option),
            SettingOption::ROD => $this->turns($option),
            default => 'Ø '.$d->quantity($option->to ?? Length::mm(0.0), 0.01),
        };
    }

    private function stop(SettingOption $option): string
    {
        $travel = $this->page->now()->values->one(Length::class, 'release.pedal_travel');
        $to = $option->to;

        return $to === null || $travel === null || $to->value >= $travel->value
            ? 'No stop: all the travel is needed, and more' : 'Stop at '.$this->page->display->quantity($to, 1.0).' from the top';
    }

    private function turns(SettingOption $option): string
    {
        $perTurn = Adjuster::padPerTurn($this->page->now());
        if ($perTurn === null || $option->to === null) {
            return 'Rod to a free play of '.$this->page->display->quantity($option->to ?? Length::mm(0.0), 0.5);
        }
        $now = $this->options[0]->chain;
        $turns = PedalCorrection::turns($now->freePlay, $option->to, $perTurn)->value;

        return ucfirst(Adjuster::of($this->page->now())->turned($turns, $this->page->display));
    }

    public function gap(SettingOption $option): string
    {
        return $this->page->display->quantity($option->chain->airGapFace(), 0.01);
    }

    public function takeUp(SettingOption $option): string
    {
        $share = $option->chain->takeUpFromFloor();

        return $share === null ? 'never free' : $this->page->display->percent($share->value);
    }

    public function travel(SettingOption $option): string
    {
        return $this->page->display->quantity($option->chain->bearingTravel(), 0.1);
    }

    public function play(SettingOption $option): string
    {
        return $this->page->display->quantity($option->chain->freePlay, 0.5);
    }

    public function force(SettingOption $option): string
    {
        return $option->force === null ? '–' : $this->page->display->quantity($option->force, 1.0);
    }

    public function pressure(SettingOption $option): string
    {
        return $option->pressure === null ? '–' : $this->page->display->quantity($option->pressure, 10.0);
    }

    /** Whether the cover's greatest travel is gone beyond; false where it is not known. */
    public function isTooFar(SettingOption $option): bool
    {
        return $this->work->isTooFar($option);
    }
}
