import { Body, Heading, Section } from '@/ui';

/** The cautions that stand with any formula. */
export function GeneralPrecautions() {
  return (
    <Section>
      <Heading>Always</Heading>
      <Body>Label the bottle before you fill it. Keep it from children and animals.</Body>
      <Body>Gloves on, window open. Try it out of sight first.</Body>
      <Body>
        Never add a bought cleaner to it, and follow the label of everything you bought. Unwanted bought products go to
        hazardous-waste collection by local rules.
      </Body>
    </Section>
  );
}
