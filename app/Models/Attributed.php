<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A row that names who is answerable for it: somebody of this workshop, or a file that was taken in and states a name.
 *
 * @property string $by_name
 * @property bool $stated not done here: the file says so
 */
trait Attributed
{
    /** For a reader: a name that only a file states is never taken for somebody's here. */
    public function author(): string
    {
        return match (true) {
            ! $this->stated => $this->by_name,
            $this->by_name === '' => 'the file taken in, as the file states',
            default => "“{$this->by_name}”, as the file states",
        };
    }
}
