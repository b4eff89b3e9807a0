<?php

declare(strict_types=1);

/**
 * A device that is signed in, for the scripts that send from many at once: cookies and token are kept, and several
 * requests go out at the same moment.
 */
final readonly class Device
{
    private function __construct(private string $base, private string $cookies, private string $token) {}

    public static function signedIn(string $base, string $email, string $password): self
    {
        $curl = curl_init();
        curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => '', CURLOPT_URL => $base.'/sign-in']);
        curl_exec($curl);
        curl_setopt_array($curl, [CURLOPT_URL => $base.'/api/sign-in', CURLOPT_CUSTOMREQUEST => 'POST', CURLOPT_POSTFIELDS => json_encode(['email' => $email, 'password' => $password]), CURLOPT_HTTPHEADER => ['Accept: application/json', 'Content-Type: application/json', 'X-XSRF-TOKEN: '.urldecode(self::cookies($curl)['XSRF-TOKEN'] ?? '')]]);
        curl_exec($curl);
        if (curl_getinfo($curl, CURLINFO_RESPONSE_CODE) !== 200) {
            throw new RuntimeException("The sign-in of {$email} was refused: wait a minute where many were tried.");
        }
        $cookies = self::cookies($curl);

        return new self($base, implode('; ', array_map(static fn(string $name, string $value): string => "{$name}={$value}", array_keys($cookies), $cookies)), urldecode($cookies['XSRF-TOKEN'] ?? ''));
    }

    /**
     * @param array<string, mixed> $body
     * @param string|null          $through another address of the same server
     */
    public function request(string $method, string $path, array $body, int $seconds = 60, ?string $through = null): CurlHandle
    {
        $curl = curl_init();
        curl_setopt_array($curl, [
            CURLOPT_RETURNTRANSFER => true, CURLOPT_URL => ($through ?? $this->base).$path, CURLOPT_CUSTOMREQUEST => $method, CURLOPT_COOKIE => $this->cookies, CURLOPT_TIMEOUT => $seconds,
            CURLOPT_POSTFIELDS => json_encode($body), CURLOPT_HTTPHEADER => ['Accept: application/json', 'Content-Type: application/json', "X-XSRF-TOKEN: {$this->token}"],
        ]);

        return $curl;
    }

    /**
     * @param array<string, mixed> $body
     *
     * @return array{int, string, float} status, body, and milliseconds until the answer begins
     */
    public function ask(string $method, string $path, array $body = []): array
    {
        $curl = $this->request($method, $path, $body);
        $text = (string) curl_exec($curl);

        return [curl_getinfo($curl, CURLINFO_RESPONSE_CODE), $text, curl_getinfo($curl, CURLINFO_STARTTRANSFER_TIME_T) / 1000];
    }

    /**
     * @param list<CurlHandle> $requests sent at the same moment
     *
     * @return list<int> what each was answered; 0 for not at all
     */
    public static function together(array $requests): array
    {
        $multi = curl_multi_init();
        foreach ($requests as $request) {
            curl_multi_add_handle($multi, $request);
        }
        do {
            curl_multi_exec($multi, $running);
            curl_multi_select($multi, 0.05);
        } while ($running > 0);

        return array_map(static fn(CurlHandle $curl): int => curl_getinfo($curl, CURLINFO_RESPONSE_CODE), $requests);
    }

    /** @return array<string, string> */
    private static function cookies(CurlHandle $curl): array
    {
        $cookies = [];
        foreach (curl_getinfo($curl, CURLINFO_COOKIELIST) as $line) {
            $parts = explode("\t", $line);
            $cookies[$parts[5] ?? ''] = $parts[6] ?? '';
        }

        return $cookies;
    }
}
