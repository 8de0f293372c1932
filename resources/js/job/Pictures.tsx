import { Box, Flex, Image } from '@chakra-ui/react';
import { useMutation } from '@tanstack/react-query';
import { lazy, Suspense, useRef, useState } from 'react';
import { post } from '../api/client';
import type { Picture } from '../api/types';
import { Act } from '../bench/Act';
import { Refused } from '../bench/Refused';
import { shrink } from '../bench/shrink';
import type { Work } from './useJob';

const PictureMeasure = lazy(async () => ({ default: (await import('./PictureMeasure')).PictureMeasure }));

/** Sketches and photographs, of the piece or of one stone or wax, also straight from a tablet's camera. */
export function Pictures({ work, about }: { work: Work; about?: string }) {
    const number = work.job?.number;
    const pictures = ((work.job?.document.pictures ?? []) as unknown as Picture[]).filter(
        (picture) => picture.about === about,
    );
    const [measured, setMeasured] = useState<string | null>(null);
    const open = pictures.find((picture) => picture.key === measured);
    const file = useRef<HTMLInputElement>(null);
    const camera = useRef<HTMLInputElement>(null);
    const add = useMutation({
        mutationFn: async (picture: File) => {
            const form = new FormData();
            form.append('picture', await shrink(picture));
            form.append('caption', picture.name.replace(/\.\w+$/, ''));
            if (about) form.append('about', about);
            return post(`jobs/${number}/pictures`, form);
        },
        onSuccess: () => void work.refetch(),
    });
    const chosen = (input: HTMLInputElement) => {
        const picture = input.files?.[0];
        if (picture) add.mutate(picture);
        input.value = '';
    };
    return (
        <Box aria-label="Pictures" role="group">
            <Flex gap={3} wrap="wrap" align="end">
                {pictures.map((picture) => (
                    <Box as="figure" key={picture.file} maxW="150px">
                        <a href={`/api/pictures/${picture.file}`} target="_blank" rel="noreferrer">
                            <Image
                                src={`/api/pictures/${picture.file}`}
                                alt={picture.caption || 'picture of this job'}
                                maxH="104px"
                                borderWidth="1px"
                                borderColor="rule"
                            />
                        </a>
                        <Box as="figcaption" fontSize="13px" color="soft" truncate>
                            {picture.caption}
                        </Box>
                        <Act
                            kind="quiet"
                            px={1}
                            aria-expanded={measured === picture.key}
                            onClick={() => setMeasured(measured === picture.key ? null : picture.key)}
                        >
                            measure on it
                        </Act>
                    </Box>
                ))}
                <Act kind="line" loading={add.isPending} onClick={() => file.current?.click()}>
                    add a picture
                </Act>
                <Act kind="line" onClick={() => camera.current?.click()}>
                    camera
                </Act>
                <input
                    ref={file}
                    type="file"
                    accept="image/png,image/jpeg,image/webp"
                    hidden
                    data-testid="picture"
                    onChange={(event) => chosen(event.target)}
                />
                <input
                    ref={camera}
                    type="file"
                    accept="image/*"
                    capture="environment"
                    hidden
                    onChange={(event) => chosen(event.target)}
                />
            </Flex>
            <Refused error={add.error} />
            {open ? (
                <Suspense fallback={null}>
                    <PictureMeasure
                        key={open.key}
                        work={work}
                        picture={open}
                        onShut={() => setMeasured(null)}
                    />
                </Suspense>
            ) : null}
        </Box>
    );
}
