<?php

declare(strict_types=1);

namespace Spindle\Sheet;

/** The drawings on which a reading has its place. */
enum Drawing: string
{
    case Disc = 'disc';
    case Cover = 'cover';
    case Flywheel = 'flywheel';
    case Pilot = 'pilot';
    case Levers = 'levers';
    case Housing = 'housing';
    case Bolts = 'bolts';
    case Pairs = 'pairs';
    case Chain = 'chain';
    case Pedal = 'pedal';
    case Ring = 'ring';
    case Starts = 'starts';
}
