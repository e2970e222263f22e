<?php

declare(strict_types=1);

namespace Spindle\Sheet;

/**
 * One subject of the trade. It owns everything the program knows of it and writes it into the dictionary: what is asked, what it is
 * judged by, what is worked out, and the judgements. Nobody else has to be told of it but the list of subjects.
 */
interface Subject
{
    public function describe(DictionaryBuilder $dictionary): void;
}
