<?php

declare(strict_types=1);

namespace Tools\Fuzzing;

use Random\Randomizer;

/** Values that nobody should send, and ways to put one of them into a body. */
final readonly class BadValues
{
    private const VALUES = [
        null, true, false, 0, -1, 1, -3, 1e-308, 1e-20, 1e-9, 1e308, -1e308, PHP_INT_MAX, '', ' ', '0', '-0', 'NaN',
        'INF', '1e400', '١٢', '７', '½', '1/0', '7 1/2', '../../../.env',
        '/etc/passwd', "\u{0}", "a\u{0}b", "\u{202E}gnp.exe", '<script>alert(1)</script>', "'; drop table jobs; --",
        '=1+1', '2026-13-45', '2026-03-29T02:30', '9999-12-31T23:59:59Z',
        '12 ga', 'oz', '5 k', 'US 400', 'Z+99', [], [[]], [null], [[null]], ['a'], ['0' => 1], ['value' => 1],
        ['name' => ['a']],
    ];

    public function __construct(private Randomizer $dice) {}

    public function value(): mixed
    {
        return match ($this->dice->getInt(0, 40)) {
            0 => str_repeat('long ', 3_000),
            1 => array_fill(0, 600, 1),
            2 => $this->deep(40),
            3 => array_fill(0, 120, ['id' => 'x', 'parts' => ['x', 'x']]),
            default => self::VALUES[$this->dice->getInt(0, count(self::VALUES) - 1)],
        };
    }

    /** The body with one thing in it bent: replaced, taken away, or added under a name that is none. */
    public function body(mixed $body): mixed
    {
        if (! is_array($body) || $body === [] || $this->dice->getInt(0, 5) === 0) {
            return $this->value();
        }
        $keys = array_keys($body);
        $key = $keys[$this->dice->getInt(0, count($keys) - 1)];
        switch ($this->dice->getInt(0, 6)) {
            case 0:
                unset($body[$key]);
                break;
            case 1:
                $body[['0', 'unknown', '__proto__', 'rules', '_', ''][$this->dice->getInt(0, 5)]] = $this->value();
                break;
            case 2:
                $body[$key] = $this->value();
                break;
            default:
                $body[$key] = $this->body($body[$key]);
        }

        return $body;
    }

    /**
     * A body that makes sense, with some of its figures at the ends of what can be meant.
     *
     * @param  array<array-key, mixed>  $body
     * @return array<array-key, mixed>
     */
    public function stretched(array $body): array
    {
        foreach ($body as $name => $value) {
            if (is_array($value)) {
                $body[$name] = $this->stretched($value);
            } elseif ((is_int($value) || is_float($value)) && $this->dice->getInt(0, 2) === 0) {
                $factor = [0.0, 1e-6, 0.001, 0.1, 0.5, 1, 2, 10, 1_000, 1e6][$this->dice->getInt(0, 9)];
                $body[$name] = is_int($value) ? (int) ($value * $factor) : $value * $factor;
            }
        }

        return $body;
    }

    public function part(): string
    {
        return [
            'abc', '0', '-1', '1.5', '99999999999999999999', '%00', '%ff', '..%2f..%2f.env', 'a b', '%F0%9F%92%8D',
            'null',
        ][$this->dice->getInt(0, 10)];
    }

    /** @return array<array-key, mixed> */
    private function deep(int $levels): array
    {
        return $levels === 0 ? [1] : [$this->deep($levels - 1)];
    }
}
