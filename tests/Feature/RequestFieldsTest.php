<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Requests\RevisionRequest;
use Illuminate\Routing\Route;
use Tests\TestCase;

/** What a controller reads of an edit was looked at by its request before. */
final class RequestFieldsTest extends TestCase
{
    public function test_no_controller_reads_a_field_that_its_request_does_not_know(): void
    {
        $unknown = [];
        $read = 0;
        foreach (app('router')->getRoutes()->getRoutes() as $route) {
            foreach (self::edits($route) as $request => $body) {
                preg_match_all(
                    '/\$request->(?:string|word|boolean|integer|float|array|input|has)\(\'([a-z_]+)\'/',
                    $body,
                    $found,
                );
                $known = array_map(
                    fn (string $rule): string => explode('.', $rule)[0],
                    array_keys((new $request)->rules()),
                );
                $read += count($found[1]);
                array_push(
                    $unknown,
                    ...array_map(
                        fn (string $field): string => $route->uri().': '.$field,
                        array_values(array_diff($found[1], $known)),
                    ),
                );
            }
        }
        $this->assertGreaterThan(30, $read);
        $this->assertSame([], $unknown);
    }

    /**
     * @return array<class-string<RevisionRequest>, string> the code of the action of a route, by its request; nothing
     *    if it edits nothing
     */
    private static function edits(Route $route): array
    {
        if (! is_string($route->getAction('uses'))) {
            return [];
        }
        [$class, $name] = [...explode('@', $route->getAction('uses')), '__invoke'];
        if (! class_exists($class) || ! method_exists($class, $name)) {
            return [];
        }
        $method = new \ReflectionMethod($class, $name);
        foreach ($method->getParameters() as $parameter) {
            $type = $parameter->getType();
            if ($type instanceof \ReflectionNamedType && is_subclass_of($type->getName(), RevisionRequest::class)) {
                $lines = file((string) $method->getFileName()) ?: [];

                return [
                    $type->getName() => implode(
                        '',
                        array_slice(
                            $lines,
                            (int) $method->getStartLine(),
                            (int) $method->getEndLine() - (int) $method->getStartLine(),
                        ),
                    ),
                ];
            }
        }

        return [];
    }
}
