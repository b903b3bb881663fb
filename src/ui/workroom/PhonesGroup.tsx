'use client';

import { Box, Button, Flex, NativeSelect } from '@chakra-ui/react';
import { Smartphone } from 'lucide-react';
import { useState } from 'react';
import { z } from 'zod';
import { Group } from '@/ui/bag/PlaceLayout';
import { FieldFrame } from '@/ui/fields/FieldFrame';
import { askFor, sending, useAnswered } from './useAnswered';

const standSchema = z.object({
  at: z.object({ address: z.string(), port: z.number() }).nullable(),
  addresses: z.array(z.string()),
  devices: z.array(z.object({ id: z.string(), name: z.string(), pairedMs: z.number(), usedMs: z.number() })),
});
const codeSchema = z.object({ code: z.string(), address: z.string(), picture: z.string() });
const forgottenSchema = z.object({ forgotten: z.boolean() });

/** Her own phone on her own network: let in by a switch, paired by a code. */
export function PhonesGroup() {
  const { answer: stand, reread } = useAnswered('/api/phones', standSchema);
  const [chosen, setChosen] = useState<string | null>(null);
  const [code, setCode] = useState<z.infer<typeof codeSchema> | null>(null);
  const [said, setSaid] = useState<string | null>(null);
  if (!stand) return null;
  const address = chosen ?? stand.addresses[0] ?? null;
  const turn = async (to: string | null) => {
    const turned = await askFor('/api/phones', sending('PUT', { address: to }), standSchema);
    setCode(null);
    setSaid(turned.ok ? null : turned.sentence);
    reread();
  };
  const newCode = async () => {
    const made = await askFor('/api/phones/code', { method: 'POST' }, codeSchema);
    setCode(made.ok ? made.answer : null);
    setSaid(made.ok ? null : made.sentence);
  };
  const forget = async (id: string) => {
    const done = await askFor(`/api/phones/${id}`, { method: 'DELETE' }, forgottenSchema);
    setSaid(done.ok ? 'That phone doesn’t come in any more.' : done.sentence);
    reread();
  };
  return (
    <Group title="Your phone">
      <Box mb="3">
        The bench on the phone beside your chair. While this is on, devices of your own network can reach Ruelle, and
        those that you pair come in; all others see nothing of your work. Turn it on at home only: on a network that
        others use too, they could read along.
      </Box>
      {said && (
        <Box role="status" bg="brassPale" px="3" py="2" mb="3">
          {said}
        </Box>
      )}
      {stand.at === null ? (
        address === null ? (
          <Box>This computer is on no network just now, so no phone can reach it.</Box>
        ) : (
          <Flex gap="3" align="center" wrap="wrap">
            {stand.addresses.length > 1 && (
              <FieldFrame label="On the address">
                {({ id }) => (
                  <NativeSelect.Root size="sm" width="12em">
                    <NativeSelect.Field
                      id={id}
                      bg="paper"
                      value={address}
                      onChange={({ target }) => setChosen(target.value)}
                    >
                      {stand.addresses.map((one) => (
                        <option key={one}>{one}</option>
                      ))}
                    </NativeSelect.Field>
                    <NativeSelect.Indicator />
                  </NativeSelect.Root>
                )}
              </FieldFrame>
            )}
            <Button size="sm" minH="44px" bg="drawer" color="drawerText" onClick={() => void turn(address)}>
              <Smartphone size={16} aria-hidden /> Let my phone in
            </Button>
            <Box>It is off. Nothing outside this computer reaches Ruelle.</Box>
          </Flex>
        )
      ) : (
        <>
          <Flex gap="3" align="center" wrap="wrap" mb="3">
            <Box fontWeight={700} data-testid="phones-on">
              It is on, at {stand.at.address}, port {stand.at.port}, until Ruelle ends.
            </Box>
            <Button size="sm" minH="44px" bg="drawer" color="drawerText" onClick={() => void newCode()}>
              {code ? 'Another code' : 'A code for a phone'}
            </Button>
            <Button size="sm" minH="44px" variant="outline" bg="paper" onClick={() => void turn(null)}>
              Turn it off, forget all phones
            </Button>
          </Flex>
          {code && (
            <Flex gap="4" align="center" wrap="wrap" bg="paper" border="1px solid" borderColor="paperEdge" p="4" mb="3">
              <img src={code.picture} alt={`The address ${code.address} to be photographed`} width={220} height={220} />
              <Box flex="1 1 16em">
                Photograph this with the phone, or open {code.address.split('#')[0]} there and type
                <Box fontSize="28px" fontFamily="mono" letterSpacing="0.12em" data-testid="phone-code">
                  {code.code.slice(0, 5)} {code.code.slice(5)}
                </Box>
                Good once, for ten minutes.
              </Box>
            </Flex>
          )}
          <Box fontWeight={700}>Paired</Box>
          {stand.devices.length === 0 && <Box>None yet.</Box>}
          <Box as="ul" listStyleType="none">
            {stand.devices.map(({ id, name, usedMs }) => (
              <Flex as="li" key={id} gap="3" align="center" wrap="wrap" py="1">
                <Box flex="0 1 22em">
                  {name}, used last at {new Date(usedMs).toLocaleTimeString()}
                </Box>
                <Button size="xs" minH="44px" variant="outline" bg="paper" onClick={() => void forget(id)}>
                  Forget it
                </Button>
              </Flex>
            ))}
          </Box>
          <Box mt="2" color="inkSoft" fontSize="15px">
            A phone that rests for twelve hours is asked for a code again, and every one after a week. Copies and this
            page are shown on the computer only.
          </Box>
        </>
      )}
    </Group>
  );
}
