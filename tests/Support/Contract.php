<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Contract\OpenApi;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Helper;
use Opis\JsonSchema\Validator;

/** Holds an answer against the OpenAPI file that is committed. */
final class Contract
{
    private static ?Validator $validator = null;

    private const ID = 'https://hot-sprue.invalid/openapi.json';

    /** What is wrong with an answer; nothing where it keeps the contract. */
    public static function breaks(string $schema, string $json): string
    {
        return self::against(self::ID."#/components/schemas/{$schema}", $json);
    }

    /** Against a path's own answer, such as `/api/jobs`, `get`, `200`. */
    public static function breaksAt(string $path, string $verb, string $json, string $status = '200'): string
    {
        $pointer = str_replace(['~', '/', '{', '}'], ['~0', '~1', '%7B', '%7D'], $path);

        return self::against(self::ID."#/paths/{$pointer}/{$verb}/responses/{$status}/content/application~1json/schema", $json);
    }

    private static function against(string $reference, string $json): string
    {
        if (self::$validator === null) {
            self::$validator = new Validator;
            self::$validator->resolver()?->registerRaw((string) json_encode(OpenApi::document()), self::ID);
        }
        $result = self::$validator->validate(Helper::toJSON(json_decode($json)), $reference);
        $error = $result->error();

        return $error === null ? '' : (string) json_encode((new ErrorFormatter)->formatFlat($error), JSON_UNESCAPED_UNICODE);
    }
}
