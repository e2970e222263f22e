<?php

declare(strict_types=1);

namespace Spindle\Kit\Fit;

/** One row of the table of what must match between a kit and the vehicle it shall go into. */
interface FitCheck
{
    /** The name of its finding: "kit.spline_count". */
    public function id(): string;

    /** What it is called in a list of checks. */
    public function label(): string;

    /** @return list<string> entries of the vehicle that it compares */
    public function ofVehicle(): array;

    /** @return list<string> data of the kit that it compares */
    public function ofKit(): array;

    /**
     * @return list<string> data of the kit without which it cannot be made; only what is certain to be wanted while the vehicle has not
     *                      said of what kind it is
     */
    public function needs(FitCase $case): array;

    public function judge(FitCase $case): FitAnswer;
}
