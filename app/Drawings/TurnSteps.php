<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Jobs\AssessedJob;
use Spindle\Quantity\Length;
use Spindle\Release\Adjuster;
use Spindle\Release\SettingSteps;

/** The rod as it is turned: each step with what it had to leave of the free play and what it left, and the one that comes next. */
final readonly class TurnSteps
{
    private function __construct(private SettingSteps $steps, private AssessedJob $page)
    {
    }

    public static function of(AssessedJob $page): self
    {
        return new self(SettingSteps::of($page->sheet), $page);
    }

    /** @return list<array{turned: string, foretold: string, measured: string, strayed: bool}> */
    public function rows(): array
    {
        return array_map(fn (int $i): array => [
            'turned' => $this->way($this->steps->turns[$i]).' '.$this->page->display->number(abs($this->steps->turns[$i]), 1),
            'foretold' => $this->length($this->steps->foretold($i, $this->steps->turns[$i])),
            'measured' => $this->length($this->steps->plays[$i] ?? null),
            'strayed' => $this->steps->strayed($i),
        ], array_keys($this->steps->turns));
    }

    /** "Lengthen the rod by 2 turns, of 3.4 in all, then measure: 5.5 mm is foretold."; empty where nothing is turned, or not known. */
    public function next(): string
    {
        if ($this->steps->isOpen()) {
            return 'Turned: measure the free play before anything else.';
        }
        $wanted = SettingSteps::wanted($this->page->sheet);
        $turns = $wanted === null ? null : $this->steps->next($wanted);
        if ($wanted === null || $turns === null || $turns === 0.0) {
            return '';
        }
        $all = abs($this->steps->turnsTo($wanted) ?? $turns);
        $d = $this->page->display;

        return ucfirst($this->adjuster()->turned($turns, $d))
            .($all > abs($turns) ? ', of '.$d->number($all, 1).' in all' : '').', then measure the free play: '
            .$this->length($this->steps->foretold(count($this->steps->turns), $turns)).' is foretold.';
    }

    private function way(float $turns): string
    {
        return $this->adjuster()->way($turns).' by';
    }

    private function adjuster(): Adjuster
    {
        return Adjuster::of($this->page->sheet);
    }

    private function length(?Length $length): string
    {
        return $length === null ? '–' : $this->page->display->quantity($length, 0.5);
    }
}
