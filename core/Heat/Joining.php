<?php

declare(strict_types=1);

namespace HotSprue\Heat;

/** What flux and solder do at each joint as its two sides come to heat. Source: workbook 20, solder. */
final class Joining
{
    /** A side this far under its flow while the other is there draws no solder, °C. */
    public const BEHIND = 20.0;

    /** A chip laid before jumps where the boil comes faster than this, °C/s. */
    public const JUMPS = 150.0;

    /** So far past its flow, °C, for longer than this, s, zinc is gone. */
    public const PAST = 80.0;

    public const LONG = 10.0;

    /** @var list<Sign> */
    private array $signs = [];

    /** @var list<array{int, int, float}>|null what each contact leads, until one changes */
    private ?array $leads = null;

    /** @var array<int, float> °C of each contact, a step before */
    private array $before = [];

    /** @param list<Contact> $contacts */
    public function __construct(private array $contacts) {}

    /** @return list<Contact> */
    public function contacts(): array
    {
        return $this->contacts;
    }

    /** @return list<Sign> */
    public function signs(): array
    {
        return $this->signs;
    }

    /** @return list<array{int, int, float}> from, to and W/K */
    public function leads(): array
    {
        return $this->leads ??= array_map(
            static fn (Contact $contact): array => [$contact->from, $contact->to, $contact->conducts()],
            $this->contacts,
        );
    }

    /**
     * @param  array<int, float>  $heats  °C of each node
     * @param  float  $seconds  that went by
     * @param  float  $at  s since the torch was lit
     */
    public function look(array $heats, float $seconds, float $at): void
    {
        foreach ($this->contacts as $index => $contact) {
            $one = $heats[$contact->from];
            $other = $heats[$contact->to];
            $before = $this->before[$index] ?? null;
            $this->before[$index] = ($one + $other) / 2;
            $contact = $this->fluxed($contact, ($one + $other) / 2, $before, $seconds);
            $seen = match (true) {
                ! $contact->isNow => $this->earlier($contact, ($one + $other) / 2),
                $contact->solder === SolderState::Flowed => $this->held($contact, ($one + $other) / 2, $seconds),
                $contact->solder->waits() => $this->waiting($contact, $one, $other, $at),
                default => $contact,
            };
            if ($seen !== $this->contacts[$index]) {
                $this->leads = $seen->conducts() === $this->contacts[$index]->conducts() ? $this->leads : null;
                $this->contacts[$index] = $seen;
            }
        }
    }

    private function fluxed(Contact $contact, float $celsius, ?float $before, float $seconds): Contact
    {
        if ($contact->flux === Flux::None || $contact->solder === SolderState::Flowed) {
            return $contact;
        }
        $clear = $contact->clear + ($contact->flux === Flux::Clear ? $seconds : 0.0);
        $flux = $contact->flux->heated($celsius, $clear);
        $changes = ['flux' => $flux, 'clear' => $clear];
        if ($flux !== $contact->flux) {
            $this->sign(match ($flux) {
                Flux::Boiling => 'boils', Flux::Crust => 'crusts', Flux::Clear => 'clears', default => 'spends'
            }, $contact);
        }
        $isQuick = $before !== null && ($celsius - $before) / $seconds > self::JUMPS;
        if ($contact->flux === Flux::Wet && $flux !== Flux::Wet && $isQuick
            && $contact->solder === SolderState::Laid) {
            $this->sign('jumps', $contact);
            $changes['solder'] = SolderState::None;
        }

        return $flux === $contact->flux && $clear === $contact->clear && count($changes) === 2
            ? $contact : $contact->with($changes);
    }

    /** A joint of a heat before: it moves past its solidus unless it is guarded, and opens past its flow. */
    private function earlier(Contact $contact, float $celsius): Contact
    {
        if (! $contact->isMade || $contact->solder === SolderState::None) {
            return $contact;
        }
        if ($celsius > $contact->flow) {
            $this->sign('opens', $contact);

            return $contact->with(['isMade' => false, 'moved' => true]);
        }
        if ($celsius > $contact->solidus && ! $contact->isGuarded && ! $contact->moved) {
            $this->sign('moves', $contact);

            return $contact->with(['moved' => true]);
        }

        return $contact;
    }

    private function held(Contact $contact, float $celsius, float $seconds): Contact
    {
        $over = $contact->over + ($celsius >= $contact->flow + self::PAST ? $seconds : 0.0);
        if ($over <= self::LONG || $contact->pitted) {
            return $over === $contact->over ? $contact : $contact->with(['over' => $over]);
        }
        $this->sign('pits', $contact);

        return $contact->with(['over' => $over, 'pitted' => true]);
    }

    private function waiting(Contact $contact, float $one, float $other, float $at): Contact
    {
        $isClean = ! $contact->needsFlux || $contact->flux === Flux::Clear;
        if (min($one, $other) >= $contact->flow && $isClean) {
            $this->sign('flashes', $contact);

            return $contact->with([
                'solder' => SolderState::Flowed, 'isMade' => true, 'flashed' => $at, 'ahead' => $one - $other,
            ]);
        }
        $draws = max($one, $other) >= $contact->flow
            && (min($one, $other) < $contact->flow - self::BEHIND || ! $isClean);
        if (! $draws || $contact->solder === SolderState::Balled) {
            return $contact;
        }
        $this->sign('balls', $contact);

        return $contact->with(['solder' => SolderState::Balled, 'ahead' => $one - $other]);
    }

    private function sign(string $sign, Contact $contact): void
    {
        $this->signs[] = new Sign($sign, $contact->joint);
    }
}
