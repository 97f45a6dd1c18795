export * from './boxes'
export * from './usual'
