<?php

declare(strict_types=1);

namespace Spindle\Limit;

use Spindle\Quantity\Display;

/** One sentence of judgement: what was found, against what, and what to do, with the chain that led to it. */
final readonly class Finding
{
    /** Where the result of a formula stands in it, when not at its end. */
    public const RESULT = '{=}';

    private const LEFT = 'As left: ';

    /**
     * @param  string  $id  what was judged, such as "disc.wear"
     * @param  Said  $said  the sentence
     * @param  Limit|null  $limit  none where there is nothing to compare with
     * @param  list<string>  $readings  names of the entries it rests on
     * @param  list<string>  $missing  names of the entries that are needed and not there
     * @param  string|Said  $formula  how the figure comes from the readings, in words with the names of what is put in, with its source
     * @param  string  $figure  the name of the figure that results from it
     * @param  string  $waiver  why an unmeasured or rejected item was let pass, when somebody decided so
     * @param  bool  $isLeft  about a part as it was left
     */
    private function __construct(
        public string $id,
        public Verdict $verdict,
        private Said $said,
        public ?Limit $limit = null,
        public array $readings = [],
        public array $missing = [],
        private string|Said $formula = '',
        public string $waiver = '',
        public string $figure = '',
        public bool $isLeft = false,
    ) {
    }

    public static function of(string $id, Verdict $verdict, Said $said): self
    {
        return new self($id, $verdict, $said);
    }

    /** Needed and not known. */
    public static function unmeasured(string $id, Said $said, string ...$missing): self
    {
        return new self($id, Verdict::Unmeasured, $said, missing: array_values($missing));
    }

    public static function notApplicable(string $id, Said $reason): self
    {
        return new self($id, Verdict::NotApplicable, $reason);
    }

    /** The whole sentence, with the part it is about said to be as it was left where it is. */
    public function say(Display $display): string
    {
        $words = $this->said->in($display);

        return $this->isLeft ? self::LEFT.lcfirst($words) : $words;
    }

    /** The same for where it is plain that it is about the part as it was left. */
    public function sayOfPart(Display $display): string
    {
        return $this->said->in($display);
    }

    /** Which case of its subject it is, as other programs know it. */
    public function case(): string
    {
        return $this->said->case();
    }

    /** Whether another says the same of it. */
    public function saysLike(self $other): bool
    {
        return $this->verdict === $other->verdict && $this->case() === $other->case()
            && serialize($this->arguments()) === serialize($other->arguments());
    }

    /** @return array<string, mixed> what fills the sentence, by name */
    public function arguments(): array
    {
        return $this->said->arguments;
    }

    public function against(?Limit $limit): self
    {
        return $this->with(['limit' => $limit]);
    }

    public function from(string ...$readings): self
    {
        return $this->with(['readings' => array_values($readings)]);
    }

    /**
     * How the figure comes from the readings.
     *
     * @param  string|Said  $formula  in words; what stands for a number as "{words|name of the reading or figure}"
     * @param  string  $figure  the name of the figure that results
     */
    public function by(string|Said $formula, string $figure = ''): self
    {
        return $this->with(['formula' => $formula, 'figure' => $figure]);
    }

    public function hasFormula(): bool
    {
        return $this->formula !== '';
    }

    /** How the figure comes from the readings, with the names of what is put in. */
    public function template(Display $display): string
    {
        return $this->formula instanceof Said ? $this->formula->in($display) : $this->formula;
    }

    /** The same in words. */
    public function formula(Display $display): string
    {
        $words = str_replace(self::RESULT, '', $this->template($display));

        return str_contains($words, '{') ? (string) preg_replace('/\{([^|}]+)\|[^}]+\}/', '$1', $words) : $words;
    }

    /**
     * About a part as it was left, resting on readings that have names of their own.
     *
     * @param  callable(string): string  $name
     */
    public function asLeft(callable $name): self
    {
        return $this->with([
            'isLeft' => true,
            'readings' => array_map($name, $this->readings),
            'missing' => array_map($name, $this->missing),
        ]);
    }

    public function waived(string $reason): self
    {
        return $this->with(['waiver' => $reason]);
    }

    /**
     * @param  array{
     *     limit?: Limit|null, readings?: list<string>, missing?: list<string>, formula?: string|Said, figure?: string,
     *     waiver?: string, isLeft?: bool,
     * }  $changed
     */
    private function with(array $changed): self
    {
        return new self(
            $this->id,
            $this->verdict,
            $this->said,
            array_key_exists('limit', $changed) ? $changed['limit'] : $this->limit,
            $changed['readings'] ?? $this->readings,
            $changed['missing'] ?? $this->missing,
            $changed['formula'] ?? $this->formula,
            $changed['waiver'] ?? $this->waiver,
            $changed['figure'] ?? $this->figure,
            $changed['isLeft'] ?? $this->isLeft,
        );
    }

    public function isWaived(): bool
    {
        return $this->waiver !== '';
    }
}
