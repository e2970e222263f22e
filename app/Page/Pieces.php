<?php

declare(strict_types=1);

namespace App\Page;

use Illuminate\Http\Request;
use Illuminate\Support\HtmlString;

/**
 * The pieces of a page that follow the entries. Each carries a fingerprint of what it shows; with an entry the page says which it
 * has, and the answer holds only those that have changed.
 *
 * In a view: @piece('draw-disc', 'div', ['class' => 'draw']) … @endpiece
 */
final class Pieces
{
    /** @var array<string, string>|null fingerprint by id, as the page that asks has them; nothing where it did not say */
    private ?array $seen = null;

    private bool $isAnswer = false;

    /** Of the request that is being answered. */
    public static function now(): self
    {
        $request = request();
        $pieces = $request->attributes->get(self::class);
        if (! $pieces instanceof self) {
            $request->attributes->set(self::class, $pieces = new self);
        }

        return $pieces;
    }

    /** From here on only what has changed is sent, each piece to its place on the page. */
    public function answer(Request $request): void
    {
        $this->isAnswer = true;
        $said = $request->header('X-Seen');
        if (is_string($said)) {
            $this->seen = [];
            foreach (explode(' ', $said) as $pair) {
                [$id, $fingerprint] = [...explode(':', $pair, 2), ''];
                $this->seen[$id] = $fingerprint;
            }
        }
    }

    /** Whether pieces are sent by themselves now; what stands between them is left out then. */
    public function isAnswer(): bool
    {
        return $this->isAnswer;
    }

    /** Whether the page can have this piece at all: a drawing of a part that was never opened is not drawn for it. */
    public function mayHave(string $id): bool
    {
        return $this->seen === null || isset($this->seen[$id]);
    }

    /** Whether a piece made from these things has to be made at all: always for a page, for an answer when they have changed. */
    public function wants(string $id, string $madeFrom): bool
    {
        return ! $this->isAnswer || $this->isNews($id, self::fingerprint($madeFrom));
    }

    /**
     * @param  array<string, string>  $attributes
     * @param  string|null  $madeFrom  what the piece is made from, where that is known sooner than what it comes to
     */
    public function wrap(string $html, string $id, string $tag = 'div', array $attributes = [], ?string $madeFrom = null): HtmlString
    {
        $attributes = array_filter($attributes, static fn (string $value): bool => $value !== '');
        $fingerprint = self::fingerprint($madeFrom ?? $html.implode("\n", $attributes));
        if ($this->isAnswer && ! $this->isNews($id, $fingerprint)) {
            return new HtmlString('');
        }

        return $this->element($html, $tag, ['id' => $id, ...$attributes, 'data-seen' => $fingerprint]);
    }

    /**
     * A piece made of pieces, such as a list: sent whole when its make-up has changed, else piece by piece.
     *
     * @param  callable(): string  $inner
     * @param  array<string, string>  $attributes
     */
    public function group(string $makeUp, callable $inner, string $id, string $tag, array $attributes): HtmlString
    {
        $fingerprint = self::fingerprint($makeUp);
        if ($this->isAnswer && ! $this->isNews($id, $fingerprint)) {
            return new HtmlString(isset($this->seen[$id]) ? $inner() : '');
        }
        $answers = $this->isAnswer;
        $this->isAnswer = false;
        $html = $inner();
        $this->isAnswer = $answers;

        return $this->element($html, $tag, ['id' => $id, ...$attributes, 'data-seen' => $fingerprint]);
    }

    /** @param  array<string, string>  $attributes */
    private function element(string $html, string $tag, array $attributes): HtmlString
    {
        $written = '';
        foreach ([...$attributes, ...($this->isAnswer ? ['hx-swap-oob' => 'true'] : [])] as $name => $value) {
            $written .= " {$name}=\"".e($value).'"';
        }

        return new HtmlString("<{$tag}{$written}>{$html}</{$tag}>");
    }

    /** Whether the page has this piece, and has it otherwise; a page that said nothing is sent everything. */
    private function isNews(string $id, string $fingerprint): bool
    {
        return $this->seen === null || (isset($this->seen[$id]) && $this->seen[$id] !== $fingerprint);
    }

    private static function fingerprint(string $of): string
    {
        return hash('xxh32', $of);
    }
}
