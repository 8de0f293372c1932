<?php

declare(strict_types=1);

namespace Tests\Support;

use RuntimeException;

/** Does the sum that a working shows, as a person with a pocket calculator would. */
final class Arithmetic
{
    private int $at = 0;

    /** @param list<string> $tokens */
    private function __construct(private readonly array $tokens) {}

    public static function of(string $line): float
    {
        $found = preg_match_all('/\d+(?:\.\d+)?|[a-zπ√]+|[-−+×÷^(),°]/u', $line, $tokens);
        $sum = new self($found === false ? [] : $tokens[0]);
        $value = $sum->terms();
        if ($sum->at !== count($sum->tokens)) {
            throw new RuntimeException("cannot read on at “{$sum->peek()}” in {$line}");
        }

        return $value;
    }

    private function peek(): string
    {
        return $this->tokens[$this->at] ?? '';
    }

    private function take(string ...$any): ?string
    {
        if (! in_array($this->peek(), $any, true)) {
            return null;
        }

        return $this->tokens[$this->at++];
    }

    private function terms(): float
    {
        $value = $this->factors();
        while (($sign = $this->take('+', '−', '-')) !== null) {
            $value += ($sign === '+' ? 1 : -1) * $this->factors();
        }

        return $value;
    }

    private function factors(): float
    {
        $value = $this->power();
        while (($sign = $this->take('×', '÷')) !== null) {
            $value = $sign === '×' ? $value * $this->power() : $value / $this->power();
        }

        return $value;
    }

    private function power(): float
    {
        if ($this->take('−', '-') !== null) {
            return -$this->power();
        }
        $base = $this->atom();

        return $this->take('^') === null ? $base : $base ** $this->power();
    }

    private function atom(): float
    {
        $token = $this->tokens[$this->at++] ?? throw new RuntimeException('the sum ends too soon');
        if (is_numeric($token)) {
            $value = (float) $token;

            return $this->take('°') === null ? $value : deg2rad($value);
        }
        if ($token === 'π') {
            return M_PI;
        }
        $values = [];
        $token === '(' ?: $this->take('(');
        do {
            $values[] = $this->terms();
        } while ($this->take(',') !== null);
        $this->take(')');

        return match ($token) {
            '(' => $values[0],
            '√' => sqrt($values[0]),
            'max' => max($values),
            'min' => min($values),
            'sin' => sin($values[0]),
            'cos' => cos($values[0]),
            'tan' => tan($values[0]),
            'asin' => asin($values[0]),
            'exp' => exp($values[0]),
            'ln' => log($values[0]),
            // A figure shown to four decimals may stand a little over a whole number.
            'ceil' => ceil($values[0] - 1e-4),
            default => throw new RuntimeException("“{$token}” is no number"),
        };
    }
}
