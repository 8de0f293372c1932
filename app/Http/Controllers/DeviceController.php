<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Devices\Balance;
use App\Devices\Caliper;
use App\Devices\Instrument;
use App\Devices\Simulated;
use HotSprue\Fields\BadInput;
use HotSprue\Fields\Field;
use HotSprue\Measures\NotUnderstood;
use HotSprue\Measures\Quantity;
use HotSprue\Workshop\WorkshopSettings;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The balance and the caliper at the bench. */
final class DeviceController
{
    public function __construct(private readonly Balance $balance, private readonly Caliper $caliper) {}

    public function read(string $device): JsonResponse
    {
        return new JsonResponse($this->named($device)->read()->toArray());
    }

    /** A reading to keep: refused until the instrument has settled. */
    public function take(string $device): JsonResponse
    {
        $reading = $this->named($device)->read();
        if (! $reading->stable) {
            return new JsonResponse(
                ['errors' => ['_' => ['The reading has not settled; wait a moment and take it again.']]], 409,
            );
        }
        if ($reading->value <= 0) {
            return new JsonResponse(
                ['errors' => ['_' => ['There is nothing on it: a reading above zero is accepted.']]], 409,
            );
        }

        return new JsonResponse($reading->toArray());
    }

    public function tare(string $device): JsonResponse
    {
        $this->named($device)->tare();

        return $this->read($device);
    }

    /** Puts a mass or a size on a simulated instrument. */
    public function put(Request $request, string $device): JsonResponse
    {
        $instrument = $this->named($device);
        if (! $instrument instanceof Simulated) {
            abort(409, 'Only a simulated instrument can be played with.');
        }
        $field = Field::of(
            $device === 'balance' ? Quantity::Mass : Quantity::Length, 'value', 'what is put on it',
        )->allowingZero();
        try {
            $value = $field->read($request->input('value'), WorkshopSettings::shipped());
        } catch (NotUnderstood $not) {
            throw BadInput::field('value', $not->getMessage());
        }
        $instrument->put(is_numeric($value) ? (float) $value : 0.0);

        return $this->read($device);
    }

    private function named(string $device): Instrument
    {
        return match ($device) {
            'balance' => $this->balance,
            'caliper' => $this->caliper,
            default => abort(404),
        };
    }
}
