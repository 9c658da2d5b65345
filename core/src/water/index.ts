export { atFlow, HYDRAULIC_GEOMETRY, LEVEL_REACH, type LevelFactors, levelFactors } from './level.ts'
export {
  bedPoints,
  currentAt,
  depthAt,
  MEAN_OF_SURFACE,
  PROFILE_EXPONENT,
  profileShare,
  sectionFlowM3ps,
  surfaceCurrentAt,
} from './section.ts'
