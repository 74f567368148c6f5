<?php

/** What an anonymous request to the API is told. */

declare(strict_types=1);

namespace KeenThistle\Staff\Security;

use KeenThistle\Http\Json;
use KeenThistle\Http\Problem;
use KeenThistle\Refusal\Refused;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Http\EntryPoint\AuthenticationEntryPointInterface;

final class SignInEntryPoint implements AuthenticationEntryPointInterface
{
    public function start(Request $request, ?AuthenticationException $authException = null): Response
    {
        return Json::problem(Problem::of(Refused::signInNeeded()));
    }
}
