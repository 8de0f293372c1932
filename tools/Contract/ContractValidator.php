<?php

declare(strict_types=1);

namespace Tools\Contract;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Helper;
use Opis\JsonSchema\Validator;

/** Whether an answer keeps the contract. For tests and the fuzzer: the application itself needs no validator. */
final class ContractValidator
{
    private const ID = 'https://hot-sprue.invalid/openapi.json';

    private static ?Validator $validator = null;

    /** @var array<string, mixed>|null */
    private static ?array $document = null;

    /** What is wrong with an answer; nothing where it keeps the schema at this pointer. */
    public static function against(string $pointer, string $json): string
    {
        if (self::$validator === null) {
            self::$validator = new Validator;
            self::$validator->resolver()?->registerRaw((string) json_encode(self::document()), self::ID);
        }
        $error = self::$validator->validate(Helper::toJSON(json_decode($json)), self::ID.'#'.$pointer)->error();

        return $error === null ? '' : (string) json_encode(
            (new ErrorFormatter)->formatFlat($error), JSON_UNESCAPED_UNICODE,
        );
    }

    /** What is wrong with what a path answers: a status that it does not name, or another shape. */
    public static function at(string $path, string $verb, string $json, string $status): string
    {
        $response = self::document()['paths'][$path][$verb]['responses'][$status] ?? null;
        if ($response === null) {
            return "{$verb} {$path} names no status {$status}";
        }
        if (isset($response['$ref'])) {
            return self::against('/components/schemas/Problem', $json);
        }
        if (! isset($response['content']['application/json'])) {
            return '';
        }
        $pointer = str_replace(['~', '/', '{', '}'], ['~0', '~1', '%7B', '%7D'], $path);

        return self::against("/paths/{$pointer}/{$verb}/responses/{$status}/content/application~1json/schema", $json);
    }

    /** @return array<string, mixed> */
    private static function document(): array
    {
        return self::$document ??= OpenApi::document();
    }
}
