import type { MixtureState } from '../mixture/state';

/** The mixture as the command line prints it: every field carries its unit; what does not apply is null. */
export function mixtureReport(state: MixtureState) {
  return {
    volumeML: state.volumeML,
    massG: state.massG,
    pH: state.pH,
    aceticAcidPercentWV: state.aceticAcidPercentWV,
    citricAcidPercentWV: state.citricAcidPercentWV,
    hydrogenPeroxidePercentWV: state.hydrogenPeroxidePercentWV,
    alcoholPercentVV: state.alcoholPercentVV,
    soapGPerL: state.soapGPerL,
    surfactantGPerL: state.surfactantGPerL,
    essentialOilPercentVV: state.essentialOilPercentVV,
    freeChlorinePPM: state.freeChlorinePPM,
    undissolvedG: state.undissolvedG,
    gasML: state.carbonDioxideML + state.oxygenML,
    closedPressureBar: state.closedPressureBar,
    flashPointC: state.flashPointC,
    soapCurdledFraction: state.soapCurdledFraction,
    peraceticAcidMaxPPM: state.peraceticAcidMaxPPM,
    pHWithheld: state.pHWithheld,
    pHViews: state.pH ? (state.acidity?.pHViews ?? null) : null,
    acidReserveMmolPerL: state.acidity?.acidReserveMmolPerL ?? null,
    ionicStrengthMolPerL: state.acidity?.ionicStrengthMolPerL ?? null,
    freeAcidPercentAsAcetic: state.freeAcidPercentAsAcetic,
    soapLostToHardness: state.soapLostToHardness,
    oilFloatingShare: state.oilFloatingShare,
    abrasiveMohs: state.abrasiveMohs,
    inertSalts: state.inertSalts,
  };
}
