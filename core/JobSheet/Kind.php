<?php

declare(strict_types=1);

namespace Spindle\JobSheet;

/** What sort of answer a field takes. */
enum Kind
{
    /** One quantity. */
    case Quantity;
    /** A quantity at several places, or in a file a list of any length. */
    case Quantities;
    /** One word of a list. */
    case Word;
    /** Any words of a list, or the word "none". */
    case Words;
    /** A whole number. */
    case Count;
    /** Yes or no. */
    case Flag;
    /** Free text. */
    case Text;
    /** Pairs of speed and torque. */
    case Curve;
}
