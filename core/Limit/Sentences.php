<?php

declare(strict_types=1);

namespace Spindle\Limit;

/** What one subject has to say: a method a case, which takes what fills the sentence and says it in the reader's units. */
interface Sentences
{
}
