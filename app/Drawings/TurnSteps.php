<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Jobs\AssessedJob;
use Spindle\Quantity\Length;
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
            'turned' => self::way($this->steps->turns[$i]).' '.$this->page->display->number(abs($this->steps->turns[$i]), 1),
            'foretold' => $this->length($this->steps->foretold($i, $this->steps->turns[$i])),
            'measured' => $this->length($this->steps->plays[$i] ?? null),
            'strayed' => $this->steps->strayed($i),
        ], array_keys($this->steps->turns));
    }

    /** "Lengthen by 2 turns of 3.4, then measure the free play: 5.5 mm is foretold."; empty where nothing is to be turned, or not known. */
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

        return ucfirst(self::way($turns)).' the rod by '.$d->number(abs($turns), 1).' turns'
            .($all > abs($turns) ? ' of '.$d->number($all, 1) : '').', then measure the free play: '
            .$this->length($this->steps->foretold(count($this->steps->turns), $turns)).' is foretold.';
    }

    private static function way(float $turns): string
    {
        return $turns > 0 ? 'lengthen' : 'shorten';
    }

    private function length(?Length $length): string
    {
        return $length === null ? '–' : $this->page->display->quantity($length, 0.5);
    }
}
