<?php

declare(strict_types=1);

namespace Spindle\Sheet;

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
    /** Marks on a friction face, each with its place; a list in a file. */
    case Marks;
    /** A day, a month or a year: 2024, 2024-05, 2024-05-17. */
    case Date;
    /** Pairs of speed and torque. */
    case Curve;
}
